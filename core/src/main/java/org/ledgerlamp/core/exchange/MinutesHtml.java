package org.ledgerlamp.core.exchange;

import org.ledgerlamp.core.minutes.FairCopy;

/** Writes minutes as one HTML file without outside references. */
public final class MinutesHtml {
    private MinutesHtml() {}

    /** @param passages whether the words that the lines rest on stand at the end */
    public static String write(FairCopy copy, boolean passages) {
        return HtmlPage.write(copy.title(), Typesetter.set(copy, passages));
    }
}
