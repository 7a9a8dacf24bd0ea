package org.ledgerlamp.core.source;

import java.util.Locale;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;

/** Takes the text out of a document, a web page or a mail; what is none of these is plain text already. */
final class Documents {
    private static final Pattern WEB_PAGE = Pattern.compile(
            "^\\s*(?:<\\?xml[^>]*>\\s*)?(?:<!--.*?-->\\s*)*<(?:!doctype\\s+html|html|head|body)\\b",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final int HEAD = 2000;

    private Documents() {}

    /**
     * The text of {@code bytes}, whatever it is wrapped in.
     *
     * @throws UnreadableSource where the wrapping is broken, locked, too large unpacked, or of a kind that holds no talk
     */
    static SourceText textOf(byte[] bytes, Limits limits) throws UnreadableSource {
        return textOf(bytes, limits, true);
    }

    /** As {@link #textOf}, but a mail stays as it is: one within another is not opened in turn, without end. */
    static SourceText attachedTextOf(byte[] bytes, Limits limits) throws UnreadableSource {
        return textOf(bytes, limits, false);
    }

    private static SourceText textOf(byte[] bytes, Limits limits, boolean opensMails) throws UnreadableSource {
        if (SourceText.startsWith(bytes, 'P', 'K', 3, 4)) {
            return new SourceText(ZippedDocument.textOf(bytes, limits));
        }
        if (SourceText.startsWith(bytes, '%', 'P', 'D', 'F')) {
            return new SourceText(PdfDocument.textOf(bytes, limits));
        }
        if (SourceText.startsWith(bytes, '{', '\\', 'r', 't', 'f')) {
            return new SourceText(RichText.textOf(bytes));
        }
        if (SourceText.startsWith(bytes, 0xD0, 0xCF, 0x11, 0xE0)) {
            throw new UnreadableSource(
                    "first bytes",
                    "this is an office document of the old kind or one locked with a password;"
                            + " save it as .docx or .odt without a password");
        }
        SourceText text = SourceText.decode(bytes);
        String head = text.text().substring(0, Math.min(HEAD, text.text().length()));
        if (WEB_PAGE.matcher(head).find()) {
            limits.checkElements(text.text());
            Document page = Jsoup.parse(text.text());
            SetOffSpeakers.markIn(page);
            return new SourceText(MarkupDocument.textOf(page));
        }
        if (head.stripLeading().toUpperCase(Locale.ROOT).startsWith("BEGIN:VC")) {
            throw new UnreadableSource(
                    "line 1",
                    "this is a calendar or address file: it tells of meetings or people, not of what was said");
        }
        return opensMails && Mail.isIn(head) ? new SourceText(Mail.textOf(bytes, limits)) : text;
    }
}
