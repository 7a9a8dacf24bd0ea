package org.ledgerlamp.core.wording;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ledgerlamp.core.language.NounPhrase;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.reading.Fillers;
import org.ledgerlamp.core.reading.Said;

/** Names what a stretch of talk is about: the thing it names most and latest, in the speakers' words. */
final class Matter {
    private static final double FADING = 0.8;
    private static final int MOST_WORDS = 4;
    private static final double LEAST_RARE = 0.35;

    private Matter() {}

    private static final class Named {
        private final String words;
        private final int length;
        private double weight;

        private Named(String words, int length) {
            this.words = words;
            this.length = length;
        }
    }

    /** What {@code said}, the nearest first, speaks of; empty where nothing is named. */
    static Optional<String> of(List<Said> said, Scene scene) {
        Map<String, Named> named = new LinkedHashMap<>();
        Things things = new Things(scene);
        double weight = 1;
        for (Said s : said) {
            String text = Fillers.removed(s.text());
            List<TaggedWord> words = Tagger.shared().words(text);
            for (NounPhrase phrase : things.things(words, text)) {
                add(phrase, text, weight, named);
            }
            weight *= FADING;
        }
        return named.values().stream()
                .max(Comparator.comparingDouble(Matter::score))
                .map(n -> n.words);
    }

    private static void add(NounPhrase phrase, String text, double weight, Map<String, Named> named) {
        String bare = phrase.bare(text);
        int length = Words.count(bare);
        if (length > MOST_WORDS || rarity(phrase.head().lower()) < LEAST_RARE || !bare.matches(".*\\p{L}{3}.*")) {
            return;
        }
        Set<String> stems = Words.content(phrase.head().lower());
        if (stems.isEmpty()) {
            return;
        }
        String key = stems.iterator().next();
        Named known = named.get(key);
        if (known == null || known.length < length && known.length < 2) {
            Named longer = new Named(bare, length);
            longer.weight = known == null ? 0 : known.weight;
            named.put(key, longer);
            known = longer;
        }
        known.weight += weight * (phrase.isDetermined() || phrase.isProper() ? 1.2 : 1);
    }

    private static double score(Named n) {
        double rarest = 0;
        for (String word : Words.tokens(n.words)) {
            rarest = Math.max(rarest, rarity(word));
        }
        return n.weight * rarest * (n.length == 1 ? 1 : 1.4);
    }

    private static double rarity(String word) {
        return SentenceVectors.shared().rarity(word);
    }
}
