package org.ledgerlamp.core.reading;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;

/**
 * Finds where a meeting takes back what it had settled: "scrap the Sunday", "so we don't cap it", "then not ninety". Only the
 * last state counts.
 */
final class Reversals {
    private static final String NAMED = "((?:\\s+[\\p{L}\\p{N}'-]+){1,4})";
    /** Takes back what is named behind it, whenever it is said. */
    private static final Pattern SCRAPS =
            Pattern.compile("(?<![\\p{L}'])(?<!(?:can't|don't|to) )(?:scrap|scratch|forget)" + NAMED);
    /** Takes back what is named behind it, where something is settled with it. */
    private static final Pattern DENIES = Pattern.compile(
            "^(?:so|then|no, so|right, so|okay, so),? (?:then,? )?(?:we |i )?(?:not|no|don't|do not|won't|will not)"
                    + NAMED + "|^not" + NAMED + ",? then");
    /** Takes back what was said last. */
    private static final Pattern TAKES_BACK = Pattern.compile(
            "(?<![\\p{L}'])(?:scrap|scratch|forget) (?:that|what (?:i|we) (?:just )?said)(?![\\p{L}'])");

    private static final int FEWEST_TURNS_BETWEEN = 1;
    private static final int TURNS_BACK = 14;
    /** How likely a sentence must settle something to take back what was settled before. */
    private static final double SETTLING = 0.2;

    /** A word that is said more often in English tells too little of what is meant. */
    private static final double LEAST_RARE = 0.75;

    private static final int NEXT_TO_IT = 2;

    private final Talk talk;
    private final double[] probabilities;
    private final List<Taking> taking;

    /** A sentence that takes something back: what was said last, what it scraps by name, what it denies where it settles. */
    private record Taking(Sentence sentence, boolean last, Set<String> scrapped, Set<String> denied) {
        boolean takesAnything() {
            return last || !scrapped.isEmpty() || !denied.isEmpty();
        }
    }

    /** @param probabilities how likely each sentence settles something */
    Reversals(Talk talk, double[] probabilities) {
        this.talk = talk;
        this.probabilities = probabilities;
        this.taking = talk.sentences().stream()
                .filter(s -> !s.isQuestion())
                .map(s -> new Taking(s, TAKES_BACK.matcher(s.plain()).find(), named(SCRAPS, s), named(DENIES, s)))
                .filter(Taking::takesAnything)
                .toList();
    }

    /** Whether what the sentence {@code settled} settles is taken back later. */
    boolean takeBack(int settled) {
        Sentence first = talk.sentences().get(settled);
        return taking.stream()
                .filter(t -> t.sentence().index() > settled
                        && t.sentence().utterance() - first.utterance() >= FEWEST_TURNS_BETWEEN)
                .anyMatch(t -> takesBack(t, first));
    }

    private boolean takesBack(Taking t, Sentence first) {
        int settled = first.index();
        int index = t.sentence().index();
        boolean soon = t.sentence().utterance() - first.utterance() <= TURNS_BACK;
        return t.last() && soon && isNearestBefore(settled, index)
                || t.scrapped().stream().anyMatch(first.content()::contains)
                || t.denied().stream().anyMatch(first.content()::contains) && settles(index, settled);
    }

    /** The stems of the telling words that {@code pattern} finds named. */
    private static Set<String> named(Pattern pattern, Sentence s) {
        Set<String> named = new HashSet<>();
        Matcher m = pattern.matcher(s.plain());
        while (m.find()) {
            for (int group = 1; group <= m.groupCount(); group++) {
                if (m.group(group) != null) {
                    Words.tokens(m.group(group)).stream()
                            .filter(w -> !Words.isEmptyWord(w) && SentenceVectors.rarity(w) >= LEAST_RARE)
                            .forEach(w -> named.add(Words.stem(w)));
                }
            }
        }
        return named;
    }

    private boolean settles(int index, int settled) {
        for (int i = Math.max(settled + 1, index - NEXT_TO_IT);
                i <= Math.min(probabilities.length - 1, index + NEXT_TO_IT);
                i++) {
            if (probabilities[i] >= SETTLING) {
                return true;
            }
        }
        return false;
    }

    private boolean isNearestBefore(int settled, int index) {
        for (int i = settled + 1; i < index; i++) {
            if (probabilities[i] > probabilities[settled]) {
                return false;
            }
        }
        return true;
    }
}
