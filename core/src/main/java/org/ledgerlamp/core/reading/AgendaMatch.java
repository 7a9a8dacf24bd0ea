package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;

/** Gives each item of the agenda to the topic that opens with its words or with what it means; the surest first. */
final class AgendaMatch {
    private static final int OPENING = 4;
    private static final double ENOUGH = 0.9;
    private static final double UNRELATED = 0.5;
    private static final double WEIGHT_OF_MEANING = 3;

    private final Talk talk;
    private final List<FeaturedSentence> sentences;
    private final List<String> agenda;

    AgendaMatch(Talk talk, List<FeaturedSentence> sentences) {
        this.talk = talk;
        this.sentences = sentences;
        this.agenda = talk.meeting().agenda();
    }

    private record Match(int item, int topic, double score) {}

    /** For each topic, by the utterance that opens it, the index of its item, or null. */
    Integer[] of(List<Integer> borders) {
        List<Match> matches = new ArrayList<>();
        for (int topic = 0; topic < borders.size(); topic++) {
            int to = Math.min(
                    borders.get(topic) + OPENING,
                    topic + 1 < borders.size() ? borders.get(topic + 1) : talk.utterances());
            for (int item = 0; item < agenda.size(); item++) {
                double score = score(item, borders.get(topic), to);
                if (score >= ENOUGH) {
                    matches.add(new Match(item, topic, score));
                }
            }
        }
        matches.sort(Comparator.comparingDouble((Match m) -> -m.score())
                .thenComparingInt(Match::topic)
                .thenComparingInt(Match::item));
        Integer[] items = new Integer[borders.size()];
        Set<Integer> given = new HashSet<>();
        for (Match m : matches) {
            if (items[m.topic()] == null && given.add(m.item())) {
                items[m.topic()] = m.item();
            }
        }
        return items;
    }

    /** How well the utterances open the item: the share of its words said there, and the similarity of the nearest sentence. */
    private double score(int item, int from, int to) {
        Set<String> words = Words.content(agenda.get(item));
        Set<String> said = new HashSet<>();
        double similarity = 0;
        for (int n = from; n < to; n++) {
            for (Sentence s : talk.of(n)) {
                said.addAll(s.content());
                if (!s.content().isEmpty()) {
                    similarity = Math.max(
                            similarity,
                            SentenceVectors.similarity(
                                    talk.agenda()[item],
                                    sentences.get(s.index()).embedding()));
                }
            }
        }
        double share = words.stream().filter(said::contains).count() / (double) Math.max(1, words.size());
        return share + (similarity - UNRELATED) * WEIGHT_OF_MEANING;
    }
}
