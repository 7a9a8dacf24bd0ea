package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.source.Source;

/** Reads a source into findings. Same source and facts, same reading. */
public final class Reader {
    private final double pointShare;

    /** @param pointShare how many of a topic's sentences may become points, 0 to 1 */
    public Reader(double pointShare) {
        this.pointShare = pointShare;
    }

    /** Reads {@code source} as what was said or noted in {@code meeting}. */
    public Reading read(Source source, MeetingFacts meeting) {
        Talk talk = new Talk(source, meeting);
        List<Finding> findings = new ArrayList<>();
        if (source.isNotes()) {
            findings.addAll(new NotesFinder(talk).find());
        } else {
            findings.addAll(new DecisionFinder(talk).find());
            findings.addAll(new ActionFinder(talk).find());
            findings.addAll(new QuestionFinder(talk).find());
            findings.addAll(new NewsFinder(talk).find());
        }
        List<Finding> merged = new ArrayList<>(Rivals.settled(Merger.merge(findings)));
        List<Topic> topics = new TopicFinder(talk).find();
        PointFinder points = new PointFinder(
                talk,
                merged.stream()
                        .filter(f -> f.certainty() >= Thresholds.drafting(f.kind()))
                        .toList());
        topics.forEach(topic -> merged.addAll(points.of(topic, pointShare)));
        merged.sort(Comparator.comparingInt(Finding::utterance)
                .thenComparingInt(f -> f.evidence().getFirst().start()));
        return new Reading(source, merged, topics, new AttendanceReader(talk).read(), source.length());
    }
}
