package org.ledgerlamp.core.exchange;

import org.ledgerlamp.core.minutes.FairCopy;

/** Writes minutes as plain text. */
public final class MinutesText {
    private MinutesText() {}

    /** @param passages whether the words that the lines rest on stand at the end */
    public static String write(FairCopy copy, boolean passages) {
        return PlainPage.write(Typesetter.set(copy, passages));
    }
}
