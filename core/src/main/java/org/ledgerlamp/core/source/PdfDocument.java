package org.ledgerlamp.core.source;

import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.text.PDFTextStripper;

/** Takes the text out of a PDF; lines that were broken only to fit the page are joined again. */
final class PdfDocument {
    private static final Pattern BROKEN_LINE = Pattern.compile("(?<=[\\p{L}\\p{N},])[ \\t]*\\r?\\n(?=[\\p{Ll}])");

    private PdfDocument() {}

    static String textOf(byte[] bytes, Limits limits) throws UnreadableSource {
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
            if (pdf.getNumberOfPages() > limits.pages()) {
                throw new UnreadableSource(
                        "page " + (limits.pages() + 1), "more than the limit of %,d pages".formatted(limits.pages()));
            }
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            String text = stripper.getText(pdf);
            if (text.isBlank()) {
                throw new UnreadableSource("page 1", "a PDF without text: it may be a picture of a page");
            }
            return BROKEN_LINE.matcher(text).replaceAll(" ");
        } catch (InvalidPasswordException e) {
            throw new UnreadableSource("whole file", "the PDF is locked with a password");
        } catch (IOException | RuntimeException e) {
            throw new UnreadableSource("whole file", "a broken PDF: " + e.getMessage());
        }
    }
}
