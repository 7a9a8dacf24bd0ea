package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;

/** Gives each item of the agenda to the topic that opens with its words or with what it means; the surest first. */
final class AgendaMatch {
    private static final int OPENING = 4;
    private static final int FIRST_SENTENCES = 4;
    private static final double ENOUGH = 0.9;
    private static final double UNRELATED = 0.5;
    private static final double WEIGHT_OF_MEANING = 3;

    private final Talk talk;
    private final List<String> agenda;
    private final float[][] meanings;

    AgendaMatch(Talk talk) {
        this.talk = talk;
        this.agenda = talk.meeting().agenda();
        this.meanings =
                agenda.isEmpty() ? new float[0][] : SentenceVectors.shared().of(agenda);
    }

    private record Match(int item, int topic, double score) {}

    /** For each topic, by the utterance that opens it, the index of its item, or null. */
    Integer[] of(List<Integer> borders) {
        Integer[] items = new Integer[borders.size()];
        if (agenda.isEmpty()) {
            return items;
        }
        List<List<Sentence>> openings = IntStream.range(0, borders.size())
                .mapToObj(topic -> opening(topic, borders))
                .toList();
        // All at once, on all processors; then each is remembered.
        SentenceVectors.shared()
                .of(openings.stream()
                        .flatMap(AgendaMatch::first)
                        .map(Sentence::plain)
                        .toList());
        List<Match> matches = new ArrayList<>();
        for (int topic = 0; topic < openings.size(); topic++) {
            for (int item = 0; item < agenda.size(); item++) {
                double score = score(item, openings.get(topic));
                if (score >= ENOUGH) {
                    matches.add(new Match(item, topic, score));
                }
            }
        }
        matches.sort(Comparator.comparingDouble((Match m) -> -m.score())
                .thenComparingInt(Match::topic)
                .thenComparingInt(Match::item));
        Set<Integer> given = new HashSet<>();
        for (Match m : matches) {
            if (items[m.topic()] == null && given.add(m.item())) {
                items[m.topic()] = m.item();
            }
        }
        return items;
    }

    /**
     * How well the utterances open the item: the share of its words said there, and the similarity of the nearest of their
     * first sentences.
     */
    private double score(int item, List<Sentence> opening) {
        Set<String> words = Words.content(agenda.get(item));
        Set<String> said = new HashSet<>();
        opening.forEach(s -> said.addAll(s.content()));
        double similarity = first(opening)
                .mapToDouble(s -> SentenceVectors.similarity(meanings[item], Talk.vector(s)))
                .max()
                .orElse(0);
        double share = words.stream().filter(said::contains).count() / (double) Math.max(1, words.size());
        return share + (similarity - UNRELATED) * WEIGHT_OF_MEANING;
    }

    /** The sentences of an opening that are asked what they mean. */
    private static Stream<Sentence> first(List<Sentence> opening) {
        return opening.stream().filter(s -> !s.content().isEmpty()).limit(FIRST_SENTENCES);
    }

    private List<Sentence> opening(int topic, List<Integer> borders) {
        int to = Math.min(
                borders.get(topic) + OPENING, topic + 1 < borders.size() ? borders.get(topic + 1) : talk.utterances());
        return IntStream.range(borders.get(topic), to)
                .boxed()
                .flatMap(n -> talk.of(n).stream())
                .toList();
    }
}
