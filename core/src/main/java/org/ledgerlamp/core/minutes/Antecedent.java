package org.ledgerlamp.core.minutes;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;

/** Names the thing that "it" or "them" points to: the most telling phrase of the sentence before, in its own words. */
final class Antecedent {
    /** A word that points at a thing; people are not looked for. */
    static final Pattern POINTER = Pattern.compile(
            "(?<![\\p{L}'’])(?<!\\b(?:so|like|that|how) )(it|them|those|these|that|this|one|ones)(?![\\p{L}'’])(?!\\s+\\p{L}{3,}s?\\b(?<!\\b(?:with|from|over|next|tomorrow|today|until|before|after|then|when|again|down|into|back|this|that|onto|past|there|here|once)))",
            Pattern.CASE_INSENSITIVE);

    private static final Set<String> MANY = Set.of("them", "those", "these", "ones");
    private static final Pattern THING = Pattern.compile(
            "(?<![\\p{L}'’])(?:(?:the|a|an|that|this|those|these|our|my|your|his|her|their)\\s+)((?:[\\p{L}\\p{N}]+(?:['’-][\\p{L}\\p{N}]+)*)(?:\\s+[\\p{L}\\p{N}]+(?:['’-][\\p{L}\\p{N}]+)*){0,4})",
            Pattern.CASE_INSENSITIVE);
    private static final int MOST_WORDS = 3;

    private Antecedent() {}

    /** The thing in {@code sentence} that {@code pointer} most likely points to, with "the" before it. */
    static Optional<String> of(String pointer, String sentence) {
        boolean many = MANY.contains(pointer.toLowerCase(Locale.ROOT));
        String best = null;
        double bestScore = 0;
        Matcher m = THING.matcher(sentence);
        int from = 0;
        while (m.find(from)) {
            from = m.start(1);
            String thing = meaningful(m.group(1));
            if (thing.isEmpty()) {
                continue;
            }
            double score = 0;
            for (String word : Words.tokens(thing)) {
                score = Math.max(score, SentenceVectors.shared().rarity(word));
            }
            String last = thing.substring(thing.lastIndexOf(' ') + 1);
            boolean plural = last.endsWith("s") && !last.endsWith("ss");
            score += plural == many ? 0.5 : 0;
            if (score > bestScore) {
                bestScore = score;
                best = thing;
            }
        }
        return Optional.ofNullable(best).map(thing -> "the " + thing);
    }

    /** The words of a phrase up to the first that says nothing. */
    private static String meaningful(String phrase) {
        StringBuilder kept = new StringBuilder();
        int words = 0;
        for (String word : phrase.split("\\s+")) {
            String token = word.toLowerCase(Locale.ROOT).replace('’', '\'');
            if (Words.isEmptyWord(token) || token.matches(".*'(?:ll|re|ve|d|m|s)") || words == MOST_WORDS) {
                break;
            }
            kept.append(kept.isEmpty() ? "" : " ").append(word);
            words++;
            if (token.endsWith("s") && !token.endsWith("ss")) {
                break; // a thing in the plural: what follows is said of it
            }
        }
        return kept.toString();
    }
}
