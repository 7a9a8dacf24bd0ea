package org.ledgerlamp.core.lamp;

import java.util.regex.Pattern;

/** Tells which words are of one family: "electricity", "electrical" and "electrician"; "insurer" and "insurance". */
final class WordFamilies {
    private static final int SHORTEST_ROOT = 5;

    private static final Pattern ENDING = Pattern.compile(
            "(?<=.{" + SHORTEST_ROOT + "})(?:"
                    + "ician|icity|ical|ic|isation|ization|ation|ion|or|er|ment|ance|ence|ant|ent|able|ible|ive|ing|ed|al|ity|e|y)$");

    private WordFamilies() {}

    /** What the words of a family have in common; the stem itself where it has no ending that makes a word of a word. */
    static String root(String stem) {
        return ENDING.matcher(stem).replaceFirst("");
    }
}
