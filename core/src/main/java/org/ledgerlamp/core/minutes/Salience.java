package org.ledgerlamp.core.minutes;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.Utterance;

/**
 * How much each word tells of what a meeting was about: much where it came up in many of its utterances and is seldom said in
 * English (term frequency times inverse document frequency, Spärck Jones 1972). Lines are chosen one after another for what
 * they add to those chosen before (Lin and Bilmes 2010), so that a few of them cover much of the talk.
 */
final class Salience {
    private static final int OFTEN_ENOUGH = 2;
    /** Keeps short lines from winning for being short. */
    private static final int WORDS_OF_ANY_LINE = 6;

    private final Map<String, Double> weights = new HashMap<>();
    private final Set<String> told = new HashSet<>();

    Salience(Source source) {
        Map<String, Integer> counts = new HashMap<>();
        Map<String, Double> rarity = new HashMap<>();
        for (Utterance utterance : source.utterances()) {
            Set<String> said = new HashSet<>();
            for (String token : Words.tokens(utterance.text())) {
                if (!Words.isEmptyWord(token) && said.add(Words.stem(token))) {
                    counts.merge(Words.stem(token), 1, Integer::sum);
                    rarity.merge(Words.stem(token), SentenceVectors.rarity(token), Math::min);
                }
            }
        }
        counts.forEach((stem, n) -> {
            if (n >= OFTEN_ENOUGH) {
                weights.put(stem, Math.log1p(n) * rarity.get(stem));
            }
        });
    }

    /** What {@code line} tells of the meeting that was not told yet, for its length; not below 0. */
    double adds(Line line) {
        double sum = Words.content(line.text()).stream()
                .filter(w -> !told.contains(w))
                .mapToDouble(w -> weights.getOrDefault(w, 0.0))
                .sum();
        return sum / Math.sqrt(Words.count(line.text()) + WORDS_OF_ANY_LINE);
    }

    /** Takes {@code line} as told. */
    void tell(Line line) {
        told.addAll(Words.content(line.text()));
    }
}
