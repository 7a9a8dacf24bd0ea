package org.ledgerlamp.core.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.xmlbeans.XmlException;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.StylesDocument;

/** The styles of a document of ours: a new one has none. */
final class WordStyles {
    static final String TITLE = "Title";
    static final String SUBTITLE = "Subtitle";
    static final String SECTION = "Heading1";
    static final String GROUP = "Heading2";
    static final String LISTED = "ListParagraph";
    static final String TABLE = "TableGrid";
    static final String NUMBER = "LineNumber";
    static final String ASIDE = "Aside";

    private WordStyles() {}

    static void addTo(XWPFDocument document) {
        try (InputStream in = WordStyles.class.getResourceAsStream("styles.xml")) {
            document.createStyles().setStyles(StylesDocument.Factory.parse(in).getStyles());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (XmlException e) {
            throw new IllegalStateException(e);
        }
    }
}
