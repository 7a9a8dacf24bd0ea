package org.ledgerlamp.core.reading;

import java.util.regex.Pattern;

/** Tells decisions that put a matter off from those that settle it. */
public final class Deferral {
    private static final Pattern PUT_OFF = Pattern.compile(
            "(?<![\\p{L}])(?:postpon(?:e|ed|ing)|defer(?:red|ring)?|put(?:ting)? off|park(?:ed)? (?:it|that|this|them)|shelv(?:e|ed)|adjourn(?:ed)?|revisit|undecided|h[eo]ld over|come back to|not (?:yet )?decided?"
                    + "|(?:look at|decide|discuss|take up|raise|ask|bring|talk about) (?:\\S+ ){0,5}?(?:again|later|next time|at the next|in the next|after the)"
                    + "|(?:leave|keep|hold|wait|left|no decision) (?:\\S+ ){0,6}?(?:till|until|for now|for the moment|before)|next (?:time|meeting))(?![\\p{L}])",
            Pattern.CASE_INSENSITIVE);

    private Deferral() {}

    /** Whether a decision, as minuted, leaves its matter for later. */
    public static boolean isSaidIn(String decision) {
        return PUT_OFF.matcher(decision).find();
    }
}
