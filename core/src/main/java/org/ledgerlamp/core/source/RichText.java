package org.ledgerlamp.core.source;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import javax.swing.text.BadLocationException;
import javax.swing.text.Document;
import javax.swing.text.rtf.RTFEditorKit;

/** Takes the text out of a rich text file; a row of a table becomes a line, its cells as in other documents. */
final class RichText {
    private static final Pattern CELL_END = control("cell");
    private static final Pattern ROW_END = control("row");

    /** Stand for the ends of a cell and of a row while the file is read; no file has them. */
    private static final char CELL = '\u001f';

    private static final char ROW = '\u001e';

    private RichText() {}

    static String textOf(byte[] bytes) throws UnreadableSource {
        RTFEditorKit kit = new RTFEditorKit();
        Document document = kit.createDefaultDocument();
        try {
            kit.read(new ByteArrayInputStream(withTableMarks(bytes)), document, 0);
            return lines(document.getText(0, document.getLength()));
        } catch (IOException | BadLocationException | RuntimeException e) {
            throw new UnreadableSource("whole file", "a broken rich text file: " + e.getMessage());
        }
    }

    /** The reader of rich text knows no tables: their ends of cells and rows are made letters it passes on. */
    private static byte[] withTableMarks(byte[] bytes) {
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        text = CELL_END.matcher(text).replaceAll("\\\\'1f ");
        text = ROW_END.matcher(text).replaceAll("\\\\'1e\\\\par ");
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static Pattern control(String word) {
        return Pattern.compile("(?<!\\\\)\\\\" + word + "(?![a-z]) ?");
    }

    private static String lines(String text) {
        if (text.indexOf(ROW) < 0) {
            return text;
        }
        TextLines lines = new TextLines();
        StringBuilder open = new StringBuilder();
        for (String line : text.split("\n", -1)) {
            open.append(line);
            if (line.indexOf(ROW) >= 0) {
                lines.row(List.of(open.substring(0, open.lastIndexOf(String.valueOf(CELL)) + 1)
                        .split(String.valueOf(CELL))));
                open.setLength(0);
            } else if (open.indexOf(String.valueOf(CELL)) < 0) {
                lines.paragraph(line);
                open.setLength(0);
            } else {
                open.append(' ');
            }
        }
        lines.paragraph(open.toString());
        return lines.text();
    }
}
