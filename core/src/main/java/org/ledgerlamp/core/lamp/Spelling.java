package org.ledgerlamp.core.lamp;

import java.util.Map;
import java.util.Optional;
import org.ledgerlamp.core.language.SentenceVectors;

/** Finds what was meant by a word nobody ever said: one that differs by a slip of the fingers. */
final class Spelling {
    private static final int SHORTEST = 5;
    private static final int LONG = 8;
    /** How rare a word is that English does not have. */
    private static final double UNKNOWN = 0.999;

    private Spelling() {}

    /**
     * The nearest known word with the same first letter, one slip away, two for a long word; of equally near ones the
     * one said most often.
     *
     * @param known words and how often each is said
     */
    static Optional<String> nearest(String word, Map<String, Integer> known) {
        if (word.length() < SHORTEST || word.chars().anyMatch(Character::isDigit) || isEnglish(word)) {
            return Optional.empty();
        }
        int most = word.length() >= LONG ? 2 : 1;
        String best = null;
        int bestSlips = most + 1;
        for (Map.Entry<String, Integer> entry : known.entrySet()) {
            String other = entry.getKey();
            if (other.length() < SHORTEST
                    || Math.abs(other.length() - word.length()) > most
                    || other.charAt(0) != word.charAt(0)) {
                continue;
            }
            int slips = slips(word, other);
            boolean better =
                    slips < bestSlips || slips == bestSlips && best != null && isSaidMore(entry, best, known.get(best));
            if (slips <= most && better) {
                best = other;
                bestSlips = slips;
            }
        }
        return Optional.ofNullable(best);
    }

    /** A word that English has was meant as it stands, though nobody said it here. */
    private static boolean isEnglish(String word) {
        return Math.min(SentenceVectors.rarity(word), SentenceVectors.rarity(word + "e")) < UNKNOWN;
    }

    private static boolean isSaidMore(Map.Entry<String, Integer> entry, String best, int said) {
        return entry.getValue() > said
                || entry.getValue() == said && entry.getKey().compareTo(best) < 0;
    }

    /** Letters put in, left out, changed or swapped with their neighbour (Damerau 1964). */
    static int slips(String a, String b) {
        int[][] d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            d[i][0] = i;
        }
        for (int j = 0; j <= b.length(); j++) {
            d[0][j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                int change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] = Math.min(Math.min(d[i - 1][j], d[i][j - 1]) + 1, d[i - 1][j - 1] + change);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1)) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
