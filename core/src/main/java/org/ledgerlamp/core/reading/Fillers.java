package org.ledgerlamp.core.reading;

import java.util.regex.Pattern;

/** Sounds and phrases of hesitation, which carry nothing. */
public final class Fillers {
    /** "mm" behind a figure is a unit. */
    private static final String SOUND =
            "(?<![\\p{L}'’-])(?<!\\d\\s?)(?:u+h+m*|u+m+|e+r+m*|a+h+|h+m+|m+hm*|mm+)(?![\\p{L}\\p{No}'’-])";

    private static final String PHRASE = "(?:you know|i mean|sort of|kind of|like|to be honest|obviously|basically)";
    private static final Pattern SOUNDS = Pattern.compile(SOUND + "[,.]?\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern PHRASES =
            Pattern.compile("(?:(?<=,)|(?<=^))\\s*" + PHRASE + "\\s*,\\s*", Pattern.CASE_INSENSITIVE);
    /** Words that want to be gone on with: the commas around a hesitation behind them go with it. */
    private static final Pattern HANGING = Pattern.compile(
            "((?<![\\p{L}'’])(?:(?:i|we|you|he|she|they|it|that|there)(?:['’](?:ll|d|re|m|s|ve))?|to|the|a|an|and|but|or|by|for|of|in|on|at|with|from|about|is|was|are|will|can|should))"
                    + ",(?:\\s*(?:" + SOUND + "|" + PHRASE + ")\\s*,)+\\s*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ASIDE = Pattern.compile(
            "[\\[(](?:laughs?|laughter|inaudible|crosstalk|pause|coughs?|music|applause)[^\\])]*[\\])]\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BLANKS = Pattern.compile("\\s{2,}");
    private static final Pattern BLANK_BEFORE_STOP = Pattern.compile("\\s+([,.?!;:])");

    private Fillers() {}

    /** {@code text} without hesitation; everything else stays as said. */
    public static String removed(String text) {
        String clean = ASIDE.matcher(text).replaceAll("");
        clean = HANGING.matcher(clean).replaceAll("$1 ");
        clean = SOUNDS.matcher(clean).replaceAll("");
        clean = PHRASES.matcher(clean).replaceAll(" ");
        clean = BLANK_BEFORE_STOP.matcher(clean).replaceAll("$1");
        return BLANKS.matcher(clean).replaceAll(" ").strip();
    }
}
