package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Source;

/**
 * Divides the talk into topics at the sentences that most likely turn it, see {@link Weights#TURN} and {@link Cohesion}.
 * Notes turn at their headings.
 */
final class TopicFinder {
    private static final int SHORTEST_TOPIC = 3;
    private static final int SHORTEST_OPENING = 2;
    /** How likely a turn must be: a topic too many is merged with a key, one too few has to be found. */
    private static final double LEAST = 0.21;

    private final Talk talk;
    private final double[][] probabilities;
    private final double[] turns;

    /**
     * @param probabilities how likely the talk turns with each sentence, see {@link SentenceClassifier#probabilities}
     */
    TopicFinder(Talk talk, double[][] probabilities) {
        this.talk = talk;
        this.probabilities = probabilities;
        this.turns = new double[talk.utterances()];
        for (int n = 0; n < talk.utterances(); n++) {
            for (Sentence s : talk.of(n)) {
                turns[n] = Math.max(turns[n], probabilities[s.index()][Weights.TURN]);
            }
        }
    }

    List<Topic> find() {
        Source source = talk.source();
        List<Topic> byHeading = source.isNotes() ? byHeadings(source) : List.of();
        if (!byHeading.isEmpty()) {
            return byHeading;
        }
        List<Integer> borders = new ArrayList<>(borders());
        TopicTitles titles = new TopicTitles(talk, borders, probabilities);
        Integer[] items = new AgendaMatch(talk).of(borders);
        List<Topic> topics = new ArrayList<>();
        for (int i = 0; i < borders.size(); i++) {
            int from = borders.get(i);
            int to = i + 1 < borders.size() ? borders.get(i + 1) - 1 : talk.utterances() - 1;
            String title = items[i] == null
                    ? titles.of(i).orElse(null)
                    : talk.meeting().agenda().get(items[i]);
            Topic before = topics.isEmpty() ? null : topics.getLast();
            if (before != null && (title == null || title.equalsIgnoreCase(before.title()))) {
                topics.set(topics.size() - 1, before.goingOnTo(to));
            } else if (before != null && before.title() == null) {
                topics.set(topics.size() - 1, new Topic(title, before.from(), to, before.at(), items[i]));
            } else {
                topics.add(
                        new Topic(title, from, to, source.utterances().get(from).start(), items[i]));
            }
        }
        if (topics.size() == 1 && topics.getFirst().title() == null) {
            Topic whole = topics.getFirst();
            return List.of(new Topic(talk.meeting().title(), whole.from(), whole.to(), whole.at(), whole.agendaItem()));
        }
        return topics;
    }

    private List<Topic> byHeadings(Source source) {
        List<NoteLine> headings =
                source.noteLines().stream().filter(NoteLine::heading).toList();
        List<Topic> topics = new ArrayList<>();
        Integer[] items =
                new AgendaMatch(talk).of(headings.stream().map(NoteLine::n).toList());
        for (int i = 0; i < headings.size(); i++) {
            int from = headings.get(i).n();
            int to = i + 1 < headings.size()
                    ? headings.get(i + 1).n() - 1
                    : source.noteLines().size() - 1;
            if (to > from) {
                topics.add(new Topic(headings.get(i).text(), from, to, null, items[i]));
            }
        }
        return topics;
    }

    /** The utterances that open a topic, in order; the first is always 0. */
    private Set<Integer> borders() {
        Set<Integer> chosen = new TreeSet<>(Set.of(0));
        IntStream.range(1, turns.length)
                .filter(n -> turns[n] >= LEAST)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer n) -> -turns[n]).thenComparingInt(n -> n))
                .forEach(n -> {
                    if (chosen.stream()
                            .noneMatch(c -> Math.abs(c - n) < (c == 0 ? SHORTEST_OPENING : SHORTEST_TOPIC))) {
                        chosen.add(n);
                    }
                });
        return chosen;
    }
}
