package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.reading.Evidence;
import tools.jackson.databind.JsonNode;

/**
 * Matches drafted lines with labels of their kind: a line that rests on a label's quotes and speaks of the same is that label's;
 * pairs are taken best first.
 */
final class LabelMatch {
    private static final int MOST_PASSAGES = 5;
    private static final int SHORT_RUN = 4;
    private static final double SOME_CONTENT = 0.2;
    private static final double MOST_CONTENT = 0.5;

    private LabelMatch() {}

    private record Pair(int label, int line, double affinity) {}

    /** Which of {@code lines} are some label's. */
    static Set<Line> matched(JsonNode labels, List<Line> lines) {
        return matched(labels, lines, Line::text, Line::evidence);
    }

    /**
     * Which of {@code all} are some label's.
     *
     * @param text what it says
     * @param evidence what it rests on
     */
    static <T> Set<T> matched(
            JsonNode labels, List<T> all, Function<T, String> text, Function<T, List<Evidence>> evidence) {
        List<Pair> pairs = new ArrayList<>();
        for (int g = 0; g < labels.size(); g++) {
            for (int l = 0; l < all.size(); l++) {
                double affinity = affinity(labels.get(g), text.apply(all.get(l)), evidence.apply(all.get(l)));
                if (affinity > 0) {
                    pairs.add(new Pair(g, l, affinity));
                }
            }
        }
        pairs.sort(Comparator.comparingDouble((Pair p) -> -p.affinity())
                .thenComparingInt(Pair::label)
                .thenComparingInt(Pair::line));
        Set<Integer> taken = new HashSet<>();
        Set<Integer> matched = new HashSet<>();
        for (Pair pair : pairs) {
            if (!taken.contains(pair.label()) && matched.add(pair.line())) {
                taken.add(pair.label());
            }
        }
        return matched.stream().map(all::get).collect(Collectors.toSet());
    }

    private static double affinity(JsonNode label, String text, List<Evidence> evidence) {
        List<List<String>> passages = evidence.stream()
                .limit(MOST_PASSAGES)
                .map(e -> Quotes.words(e.quote()))
                .toList();
        StringBuilder all = new StringBuilder(label.path("text").asString());
        int hits = 0;
        for (JsonNode quote : label.path("quotes")) {
            List<String> words = Quotes.words(quote.asString());
            int need = Math.min(words.size(), Math.max(SHORT_RUN, (words.size() + 1) / 2));
            hits += passages.stream().anyMatch(p -> Quotes.longestRun(words, p) >= need) ? 1 : 0;
            all.append(' ').append(quote.asString());
        }
        Set<String> own = Words.content(text);
        Set<String> shared =
                own.stream().filter(Words.content(all.toString())::contains).collect(Collectors.toSet());
        double overlap = shared.size() / (double) Math.max(1, own.size());
        boolean says = says(text, label.path("must"));
        if (hits > 0 && (overlap >= SOME_CONTENT || says)) {
            return 1 + hits + overlap;
        }
        return overlap >= MOST_CONTENT && says ? overlap : 0;
    }

    /** Whether a wording holds the words that any right one holds; of a list of ways one is enough. */
    private static boolean says(String text, JsonNode must) {
        List<String> stems = Quotes.words(text).stream().map(Words::stem).toList();
        for (JsonNode phrase : must) {
            boolean held = phrase.isArray()
                    ? phrase.valueStream().anyMatch(way -> holds(stems, way.asString()))
                    : holds(stems, phrase.asString());
            if (!held) {
                return false;
            }
        }
        return true;
    }

    private static boolean holds(List<String> stems, String phrase) {
        return Quotes.words(phrase).stream()
                .map(Words::stem)
                .allMatch(w ->
                        stems.contains(w) || w.length() > 3 && stems.stream().anyMatch(s -> s.startsWith(w)));
    }
}
