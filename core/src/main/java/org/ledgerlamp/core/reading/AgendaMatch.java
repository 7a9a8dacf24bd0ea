package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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

    AgendaMatch(Talk talk) {
        this.talk = talk;
        this.agenda = talk.meeting().agenda();
    }

    private record Match(int item, int topic, double score) {}

    /** The beginning of a topic: the words said there, and what each of its first sentences means. */
    private record Opening(Set<String> words, float[][] meanings) {}

    /** For each topic, by the utterance that opens it, the index of its item, or null. */
    Integer[] of(List<Integer> borders) {
        Integer[] items = new Integer[borders.size()];
        if (agenda.isEmpty()) {
            return items;
        }
        float[][] meanings = SentenceVectors.shared().of(agenda);
        List<Match> matches = new ArrayList<>();
        for (int topic = 0; topic < items.length; topic++) {
            Opening opening = opening(topic, borders);
            for (int item = 0; item < meanings.length; item++) {
                double score = score(Words.content(agenda.get(item)), meanings[item], opening);
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

    /** How well a topic opens the item: the share of the item's words said there, and the similarity of the nearest sentence. */
    private static double score(Set<String> words, float[] meaning, Opening opening) {
        double similarity = Arrays.stream(opening.meanings())
                .mapToDouble(m -> SentenceVectors.similarity(meaning, m))
                .max()
                .orElse(0);
        return Words.shareIn(opening.words(), words) + (similarity - UNRELATED) * WEIGHT_OF_MEANING;
    }

    private Opening opening(int topic, List<Integer> borders) {
        int to = Math.min(
                borders.get(topic) + OPENING, topic + 1 < borders.size() ? borders.get(topic + 1) : talk.utterances());
        Set<String> words = new HashSet<>();
        List<String> first = new ArrayList<>();
        for (int n = borders.get(topic); n < to; n++) {
            for (Sentence s : talk.of(n)) {
                words.addAll(s.content());
                if (!s.content().isEmpty() && first.size() < FIRST_SENTENCES) {
                    first.add(s.plain());
                }
            }
        }
        return new Opening(words, SentenceVectors.shared().of(first));
    }
}
