package org.ledgerlamp.server.papers;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.ledgerlamp.core.exchange.MailFile;
import org.ledgerlamp.core.exchange.MinutesDocx;
import org.ledgerlamp.core.exchange.MinutesHtml;
import org.ledgerlamp.core.exchange.MinutesJson;
import org.ledgerlamp.core.exchange.MinutesLetter;
import org.ledgerlamp.core.exchange.MinutesMarkdown;
import org.ledgerlamp.core.exchange.MinutesPdf;
import org.ledgerlamp.core.exchange.MinutesText;
import org.ledgerlamp.core.minutes.FairCopy;

/** What a folio can be written as; the names are the endings of the files. */
enum PaperForm {
    md,
    html,
    docx,
    pdf,
    json,
    txt,
    eml;

    /** @param passages whether the words that the lines rest on stand at the end; JSON always has them */
    byte[] write(FairCopy copy, boolean passages) {
        return switch (this) {
            case md -> utf8(MinutesMarkdown.write(copy, passages));
            case html -> utf8(MinutesHtml.write(copy, passages));
            case docx -> MinutesDocx.write(copy, passages);
            case pdf -> MinutesPdf.write(copy, passages);
            case json -> utf8(MinutesJson.write(copy) + "\n");
            case txt -> utf8(MinutesText.write(copy, passages));
            case eml -> MailFile.write(MinutesLetter.whole(copy, null), List.of());
        };
    }

    private static byte[] utf8(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }
}
