package org.ledgerlamp.core.time;

import java.util.Locale;
import java.util.Set;

/** The words without one of which nothing said is a date: most sentences need no closer look. */
final class TellingWords {
    /** First letters are enough; more words than dates need do no harm. */
    private static final Set<String> BEGINNINGS = Set.of(
            "mon", "tue", "wed", "thu", "fri", "sat", "sun", "set", "jan", "feb", "mar", "apr", "may", "jun", "jul",
            "aug", "sep", "oct", "nov", "dec", "thi", "twe", "fir", "sec", "fou", "fif", "six", "sev", "eig", "nin",
            "ten", "ele", "wee", "wk", "for", "day", "tom", "tmr", "tmw", "tod", "ton", "nic", "nig", "mor", "noo",
            "lun", "din", "aft", "eve", "now", "awa", "soo", "asa", "eas", "chr", "xma", "qua", "yea", "nex", "whe",
            "end", "clo", "mid");

    /** Frequent words that begin like one and are none. */
    private static final Set<String> OTHERS = Set.of(
            "for",
            "yeah",
            "think",
            "thinks",
            "thinking",
            "thing",
            "things",
            "this",
            "more",
            "where",
            "nice",
            "everybody",
            "everyone",
            "everything",
            "money",
            "form",
            "forms",
            "forty");

    private static final int BEGINNING = 3;

    private TellingWords() {}

    /** Whether {@code text} may hold a date: a number, or a word that begins like one of a date. */
    static boolean areIn(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        int from = -1;
        for (int i = 0; i <= lower.length(); i++) {
            char c = i < lower.length() ? lower.charAt(i) : ' ';
            if (Character.isDigit(c)) {
                return true;
            }
            if (Character.isLetter(c)) {
                from = from < 0 ? i : from;
            } else if (from >= 0) {
                String word = lower.substring(from, i);
                if (BEGINNINGS.contains(word.substring(0, Math.min(word.length(), BEGINNING)))
                        && !OTHERS.contains(word)) {
                    return true;
                }
                from = -1;
            }
        }
        return false;
    }
}
