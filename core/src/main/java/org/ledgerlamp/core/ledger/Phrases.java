package org.ledgerlamp.core.ledger;

import java.util.regex.Pattern;

/** Lists of turns of phrase as patterns. */
final class Phrases {
    private Phrases() {}

    /**
     * Matches any of the turns of phrase, in whatever case.
     *
     * @param before what has to hold in front of it, as a pattern
     * @param any the turns, parted by {@code |}, over as many lines as it takes; a blank stands for any white space
     * @param after what has to hold behind it
     */
    static Pattern any(String before, String any, String after) {
        return Pattern.compile(
                before + "(?:" + any.replaceAll("\\s*\\R\\s*", "").replace(" ", "\\s+") + ")" + after,
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }
}
