package org.ledgerlamp.core.reading;

import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.source.Source;

/** Reads a source into findings. Same source and facts, same reading. */
public final class Reader {
    private final double leastPoint;
    private final Judge judge;

    /**
     * @param judge how sentences are judged
     * @param leastPoint how likely a sentence must be to be a point, 0 to 1
     */
    public Reader(Judge judge, double leastPoint) {
        this.judge = judge;
        this.leastPoint = leastPoint;
    }

    /** Reads {@code source} as what was said or noted in {@code meeting}. */
    public Reading read(Source source, MeetingFacts meeting) {
        Talk talk = new Talk(source, meeting);
        List<Finding> claims = Claims.of(talk);
        List<Weighable> sentences = Weighable.of(talk, claims);
        double[][] odds = judge.odds(sentences);
        List<Finding> findings = new Gatherer(talk, claims, sentences, odds).gather();
        List<Topic> topics = new TopicFinder(talk, sentences, odds).find();
        findings.addAll(new PointFinder(talk, odds, leastPoint).find(findings));
        findings.sort(Comparator.comparingInt(Finding::utterance)
                .thenComparingInt(f -> f.evidence().getFirst().start()));
        return new Reading(source, findings, topics, new AttendanceReader(talk).read(), source.length());
    }
}
