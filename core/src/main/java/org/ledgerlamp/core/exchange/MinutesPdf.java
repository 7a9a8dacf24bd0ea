package org.ledgerlamp.core.exchange;

import com.openhtmltopdf.extend.FSStream;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import org.jsoup.Jsoup;
import org.jsoup.helper.W3CDom;
import org.ledgerlamp.core.minutes.FairCopy;

/** Writes minutes as PDF: tagged, with its fonts in it, page by page. */
public final class MinutesPdf {
    private static final int REGULAR = 400;
    private static final int SEMIBOLD = 600;

    static {
        // Its remarks about styles are of no use to whoever waits for a file.
        XRLog.setLoggingEnabled(false);
    }

    private MinutesPdf() {}

    /** @param passages whether the words that the lines rest on stand at the end */
    public static byte[] write(FairCopy copy, boolean passages) {
        return of(MinutesHtml.write(copy, passages));
    }

    /** An HTML page of ours as PDF. */
    static byte[] of(String html) {
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, "literata-regular", "Literata", REGULAR, FontStyle.NORMAL);
        font(builder, "literata-italic", "Literata", REGULAR, FontStyle.ITALIC);
        font(builder, "literata-semibold", "Literata", SEMIBOLD, FontStyle.NORMAL);
        font(builder, "commissioner-regular", "Commissioner", REGULAR, FontStyle.NORMAL);
        font(builder, "commissioner-semibold", "Commissioner", SEMIBOLD, FontStyle.NORMAL);
        builder.usePdfUaAccessibility(true);
        builder.useUriResolver((base, uri) -> null);
        builder.useProtocolsStreamImplementation(uri -> new Nothing(), "http", "https", "file", "data");
        builder.withW3cDocument(new W3CDom().fromJsoup(Jsoup.parse(html)), null);
        builder.toStream(pdf);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return pdf.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight, FontStyle style) {
        builder.useFont(() -> open(file), family, weight, style, true);
    }

    private static InputStream open(String file) {
        return MinutesPdf.class.getResourceAsStream("fonts/" + file + ".ttf");
    }

    /** Whatever a page refers to, it gets nothing: it has to be whole by itself. */
    private static final class Nothing implements FSStream {
        @Override
        public InputStream getStream() {
            return InputStream.nullInputStream();
        }

        @Override
        public Reader getReader() {
            return new StringReader("");
        }
    }
}
