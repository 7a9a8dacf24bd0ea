package org.ledgerlamp.core.reading;

import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.source.Source;

/** Reads a source into findings. Same source and facts, same reading. */
public final class Reader {
    private final double pointShare;
    private final Judge judge;

    /**
     * @param judge how sentences are judged
     * @param pointShare how many of a topic's sentences may become points, 0 to 1
     */
    public Reader(Judge judge, double pointShare) {
        this.judge = judge;
        this.pointShare = pointShare;
    }

    /** Reads {@code source} as what was said or noted in {@code meeting}. */
    public Reading read(Source source, MeetingFacts meeting) {
        Talk talk = new Talk(source, meeting);
        List<Finding> findings = new Gatherer(talk, judge).gather();
        List<Topic> topics = new TopicFinder(talk).find();
        PointFinder points = new PointFinder(
                talk,
                findings.stream()
                        .filter(f -> f.certainty() >= Thresholds.drafting(f.kind()))
                        .toList());
        topics.forEach(topic -> findings.addAll(points.of(topic, pointShare)));
        findings.sort(Comparator.comparingInt(Finding::utterance)
                .thenComparingInt(f -> f.evidence().getFirst().start()));
        return new Reading(source, findings, topics, new AttendanceReader(talk).read(), source.length());
    }
}
