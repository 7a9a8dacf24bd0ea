package org.ledgerlamp.core.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.ledgerlamp.core.minutes.FairCopy;

/** Writes minutes as a document of Office Open XML: real styles, headings, lists and check boxes. */
public final class MinutesDocx {
    private MinutesDocx() {}

    /** @param passages whether the words that the lines rest on stand at the end */
    public static byte[] write(FairCopy copy, boolean passages) {
        return of(copy.title(), Typesetter.set(copy, passages));
    }

    static byte[] of(String title, List<Block> blocks) {
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getProperties().getCoreProperties().setTitle(title);
            WordStyles.addTo(document);
            new WordBlocks(document).add(blocks);
            document.write(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
