package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the sentences that a label's verbatim quotes cover. */
final class Quotes {
    private static final Pattern WORD = Pattern.compile("[a-z0-9]+(?:'[a-z]+)?");
    private static final int SHORT_RUN = 4;
    private static final int SHORT_SENTENCE = 4;
    private static final int NEAR = 6;

    private Quotes() {}

    static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        Matcher m = WORD.matcher(text.replace('’', '\'').toLowerCase(Locale.ROOT));
        while (m.find()) {
            words.add(m.group());
        }
        return words;
    }

    /**
     * The sentences that the quotes of one label cover, by index, ascending. A short one ("yes") counts only near a long
     * one, since it is said everywhere.
     */
    static List<Integer> covered(List<String> quotes, List<List<String>> sentences) {
        List<Integer> hit = new ArrayList<>();
        for (String quote : quotes) {
            List<String> words = words(quote);
            for (int i = 0; i < sentences.size(); i++) {
                if (!hit.contains(i) && covers(words, sentences.get(i))) {
                    hit.add(i);
                }
            }
        }
        List<Integer> anchors = hit.stream()
                .filter(i -> sentences.get(i).size() > SHORT_SENTENCE)
                .toList();
        return hit.stream()
                .filter(i -> sentences.get(i).size() >= SHORT_SENTENCE
                        || anchors.stream().anyMatch(a -> Math.abs(a - i) <= NEAR))
                .sorted()
                .toList();
    }

    /** Whether they share a run of words: half of the shorter one, four where that is more. */
    static boolean covers(List<String> quote, List<String> sentence) {
        if (sentence.isEmpty()) {
            return false;
        }
        int shorter = Math.min(quote.size(), sentence.size());
        int run = longestRun(quote, sentence);
        return run >= Math.min(shorter, Math.max(SHORT_RUN, (shorter + 1) / 2))
                && (run >= 3 || sentence.size() < 3 && run == sentence.size());
    }

    /** How many words in a row stand in both. */
    static int longestRun(List<String> a, List<String> b) {
        int best = 0;
        int[] before = new int[b.size() + 1];
        for (String word : a) {
            int[] here = new int[b.size() + 1];
            for (int j = 0; j < b.size(); j++) {
                if (word.equals(b.get(j))) {
                    here[j + 1] = before[j] + 1;
                    best = Math.max(best, here[j + 1]);
                }
            }
            before = here;
        }
        return best;
    }
}
