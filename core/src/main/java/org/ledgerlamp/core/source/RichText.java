package org.ledgerlamp.core.source;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.swing.text.BadLocationException;
import javax.swing.text.Document;
import javax.swing.text.rtf.RTFEditorKit;

/** Takes the text out of a rich text file. */
final class RichText {
    private RichText() {}

    static String textOf(byte[] bytes) throws UnreadableSource {
        RTFEditorKit kit = new RTFEditorKit();
        Document document = kit.createDefaultDocument();
        try {
            kit.read(new ByteArrayInputStream(bytes), document, 0);
            return document.getText(0, document.getLength());
        } catch (IOException | BadLocationException | RuntimeException e) {
            throw new UnreadableSource("whole file", "a broken rich text file: " + e.getMessage());
        }
    }
}
