package org.ledgerlamp.core.exchange;

import java.util.regex.Pattern;

/** Text as keyboards make it. */
public final class PlainText {
    private static final Pattern CONTROLS = Pattern.compile("[\\p{Cntrl}&&[^\\n\\r\\t]]");

    private PlainText() {}

    /** The same text without control characters, but for line breaks and tabs: no keyboard has them, and they spoil files. */
    public static String of(String text) {
        return CONTROLS.matcher(text).replaceAll("");
    }
}
