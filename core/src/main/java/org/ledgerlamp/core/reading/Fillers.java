package org.ledgerlamp.core.reading;

import java.util.regex.Pattern;

/** Sounds and phrases of hesitation, which carry nothing. */
public final class Fillers {
    private static final Pattern SOUNDS = Pattern.compile(
            "(?<![\\p{L}'’-])(?:u+h+m*|u+m+|e+r+m*|a+h+|h+m+|m+hm*|mm+)(?![\\p{L}'’-])[,.]?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PHRASES = Pattern.compile(
            "(?:(?<=,)|(?<=^))\\s*(?:you know|i mean|sort of|kind of|like|to be honest|obviously|basically)\\s*,\\s*",
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
        clean = SOUNDS.matcher(clean).replaceAll("");
        clean = PHRASES.matcher(clean).replaceAll(" ");
        clean = BLANK_BEFORE_STOP.matcher(clean).replaceAll("$1");
        return BLANKS.matcher(clean).replaceAll(" ").strip();
    }
}
