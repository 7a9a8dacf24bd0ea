package org.ledgerlamp.core.source;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;

/** Reads a word processor's zipped document (OOXML or OpenDocument): unpacks the one part that holds the text, within limits. */
final class ZippedDocument {
    private static final Set<String> PARTS = Set.of("word/document.xml", "content.xml");
    private static final Pattern DEFINITION = Pattern.compile("<!(?:DOCTYPE|ENTITY)", Pattern.CASE_INSENSITIVE);
    private static final int CHUNK = 1 << 14;

    private ZippedDocument() {}

    static String textOf(byte[] bytes, Limits limits) throws UnreadableSource {
        byte[] part = part(bytes, limits);
        String markup = new String(part, StandardCharsets.UTF_8);
        limits.checkElements(markup);
        if (DEFINITION.matcher(markup).find()) {
            throw new UnreadableSource(
                    "document", "it defines entities, which no word processor writes; save it again as .docx or .odt");
        }
        Document xml = org.jsoup.Jsoup.parse(markup, "", Parser.xmlParser());
        Element body = xml.selectFirst("w|body, office|text");
        if (body == null) {
            throw new UnreadableSource("document", "expected the text of a document in it, found none");
        }
        return MarkupDocument.textOf(body);
    }

    private static byte[] part(byte[] bytes, Limits limits) throws UnreadableSource {
        int unpacked = 0;
        byte[] chunk = new byte[CHUNK];
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                boolean wanted = PARTS.contains(entry.getName());
                ByteArrayOutputStream part = new ByteArrayOutputStream();
                for (int n = zip.read(chunk); n >= 0; n = zip.read(chunk)) {
                    unpacked += n;
                    if (unpacked > limits.unpacked()) {
                        throw new UnreadableSource(
                                entry.getName(),
                                "unpacks to more than the limit of %,d bytes".formatted(limits.unpacked()));
                    }
                    if (wanted) {
                        part.write(chunk, 0, n);
                    }
                }
                if (wanted) {
                    return part.toByteArray();
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new UnreadableSource("zipped document", "broken: " + e.getMessage() + "; export it again");
        }
        throw new UnreadableSource(
                "zipped document",
                "expected a text document (.docx or .odt), found an archive or a document of another kind");
    }
}
