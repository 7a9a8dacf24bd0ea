package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.ledgerlamp.core.language.Words;

/**
 * Finds what a reader who was absent must learn beyond the other findings: the likeliest sentences that no finding of
 * the draft has taken yet, as many as there are, however long the talk is.
 */
final class PointFinder {
    private static final int SHORTEST = 5;
    private static final double SAME = 0.7;

    private final Talk talk;
    private final double[][] probabilities;
    private final double least;

    /**
     * @param probabilities how likely each sentence carries each kind, see {@link SentenceClassifier#probabilities}
     * @param least how likely a sentence must be a point, 0 to 1
     */
    PointFinder(Talk talk, double[][] probabilities, double least) {
        this.talk = talk;
        this.probabilities = probabilities;
        this.least = least;
    }

    /** The points beside {@code findings}, in order of speech. */
    List<Finding> find(List<Finding> findings) {
        Set<Integer> taken = new HashSet<>();
        findings.stream()
                .filter(f -> f.certainty() >= Thresholds.drafting(f.kind()))
                .forEach(f -> f.evidence().forEach(e -> taken.add(talk.at(e).index())));
        List<Sentence> chosen = new ArrayList<>();
        IntStream.range(0, probabilities.length)
                .filter(i -> probabilityOf(i) >= least && !taken.contains(i))
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -probabilityOf(i))
                        .thenComparingInt(i -> i))
                .map(talk.sentences()::get)
                .filter(PointFinder::saysSomething)
                .forEach(s -> {
                    if (chosen.stream().noneMatch(c -> Words.overlap(c.content(), s.content()) >= SAME)) {
                        chosen.add(s);
                    }
                });
        return chosen.stream()
                .sorted(Comparator.comparingInt(Sentence::index))
                .map(this::point)
                .toList();
    }

    private double probabilityOf(int sentence) {
        return probabilities[sentence][Weights.column(Kind.POINT)];
    }

    private Finding point(Sentence s) {
        return Finding.told(Kind.POINT, s, new Judgement(), List.of(talk.evidence(s)))
                .weighed(probabilityOf(s.index()));
    }

    private static boolean saysSomething(Sentence s) {
        return !s.isQuestion()
                && s.plain().split("\\s+").length >= SHORTEST
                && s.content().size() >= 3
                && !Deeds.isWithinTheMeeting(s.plain());
    }
}
