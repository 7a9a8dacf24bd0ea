package org.ledgerlamp.core.source;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** A document as headings and paragraphs, whatever kind of file it came in: .md, .docx, .odt, .pdf, .rtf, .html or .txt. */
public final class DocumentText {
    private static final Pattern HEADING = Pattern.compile("^#{1,6}\\s+");
    private static final Pattern ITEM = Pattern.compile("^\\s*(?:[-*+•]|\\d{1,3}[.)])\\s+");
    private static final Pattern RULE = Pattern.compile("^\\s*(?:[-*_=]\\s*){3,}$");
    /** A line that ends so far before the longest one, with a full stop, ends its paragraph. */
    private static final double SHORT_LINE = 0.75;

    private final List<Paragraph> paragraphs = new ArrayList<>();
    private final StringBuilder open = new StringBuilder();
    private final boolean linesAreWhole;
    private final int longest;

    private DocumentText(SourceText text, boolean linesAreWhole) {
        this.linesAreWhole = linesAreWhole;
        this.longest = text.lines().stream().mapToInt(String::length).max().orElse(0);
        text.lines().forEach(this::take);
        close();
    }

    /** A paragraph or a heading of a document. */
    public record Paragraph(String text, boolean heading) {}

    /**
     * Reads a document.
     *
     * @param bytes the file as it came; not changed
     * @throws UnreadableSource where nothing can be read, naming the place and what was expected
     */
    public static List<Paragraph> of(byte[] bytes, Limits limits) throws UnreadableSource {
        if (bytes.length > limits.bytes()) {
            throw new UnreadableSource(
                    "whole file",
                    "%,d bytes are more than the limit of %,d; split the file".formatted(bytes.length, limits.bytes()));
        }
        SourceText text = Documents.textOf(bytes, limits);
        boolean wordProcessor =
                SourceText.startsWith(bytes, 'P', 'K', 3, 4) || SourceText.startsWith(bytes, '{', '\\', 'r', 't', 'f');
        List<Paragraph> read = new DocumentText(text, wordProcessor).paragraphs;
        if (read.isEmpty()) {
            throw new UnreadableSource("whole file", "there is not a word in it");
        }
        if (read.size() > limits.utterances()) {
            throw new UnreadableSource(
                    "whole file",
                    "%,d paragraphs are more than the limit of %,d; split the file"
                            .formatted(read.size(), limits.utterances()));
        }
        return List.copyOf(read);
    }

    private void take(String line) {
        if (line.isBlank() || RULE.matcher(line).matches()) {
            close();
        } else if (HEADING.matcher(line).find()) {
            close();
            paragraphs.add(new Paragraph(HEADING.matcher(line).replaceFirst("").strip(), true));
        } else {
            if (linesAreWhole || ITEM.matcher(line).find()) {
                close();
            }
            open.append(open.isEmpty() ? "" : " ")
                    .append(ITEM.matcher(line).replaceFirst("").strip());
            boolean ends = line.length() < SHORT_LINE * longest && line.strip().matches(".*[.!?:]");
            if (linesAreWhole || ends) {
                close();
            }
        }
    }

    private void close() {
        if (!open.isEmpty()) {
            paragraphs.add(new Paragraph(open.toString(), false));
            open.setLength(0);
        }
    }
}
