package org.ledgerlamp.core.time;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Numbers as said in dates: cardinals up to twelve, ordinals up to thirty-first, in words or digits. */
final class Numerals {
    static final String CARDINAL =
            "(?:\\d{1,2}|a|an|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|a couple of)";
    static final String ORDINAL =
            "(?:\\d{1,2}(?:st|nd|rd|th)|thirty[- ]first|thirtieth|twenty[- ](?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth)|twentieth"
                    + "|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|eleventh|twelfth|thirteenth|fourteenth|fifteenth"
                    + "|sixteenth|seventeenth|eighteenth|nineteenth)";

    private static final Map<String, Integer> WORDS = new LinkedHashMap<>();

    static {
        List<String> cardinals = List.of(
                "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
        List<String> ordinals = List.of(
                "first",
                "second",
                "third",
                "fourth",
                "fifth",
                "sixth",
                "seventh",
                "eighth",
                "ninth",
                "tenth",
                "eleventh",
                "twelfth",
                "thirteenth",
                "fourteenth",
                "fifteenth",
                "sixteenth",
                "seventeenth",
                "eighteenth",
                "nineteenth",
                "twentieth");
        for (int i = 0; i < cardinals.size(); i++) {
            WORDS.put(cardinals.get(i), i + 1);
        }
        for (int i = 0; i < ordinals.size(); i++) {
            WORDS.put(ordinals.get(i), i + 1);
            if (i < 9) {
                WORDS.put("twenty " + ordinals.get(i), 21 + i);
            }
        }
        WORDS.put("thirtieth", 30);
        WORDS.put("thirty first", 31);
        WORDS.put("a", 1);
        WORDS.put("an", 1);
        WORDS.put("a couple of", 2);
    }

    private Numerals() {}

    /** The number that {@code word} says. */
    static int valueOf(String word) {
        String plain = word.toLowerCase(Locale.ROOT).replace('-', ' ').replaceAll("(?<=\\d)(?:st|nd|rd|th)$", "");
        return plain.chars().allMatch(Character::isDigit) ? Integer.parseInt(plain) : WORDS.get(plain);
    }
}
