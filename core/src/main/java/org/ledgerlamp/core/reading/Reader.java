package org.ledgerlamp.core.reading;

import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.source.Source;

/** Reads a source into findings. Same source and facts, same reading. */
public final class Reader {
    private final Judge judge;
    private final double leastPoint;
    private final List<Asked> questions;
    private final Progress progress;

    /**
     * @param judge how sentences are judged
     * @param leastPoint how likely a sentence must be to be a point, 0 to 1
     * @param questions what is asked of the meeting
     * @param progress hears how many sentences are read
     */
    public Reader(Judge judge, double leastPoint, List<Asked> questions, Progress progress) {
        this.judge = judge;
        this.leastPoint = leastPoint;
        this.questions = List.copyOf(questions);
        this.progress = progress;
    }

    /** A reader that is asked nothing. */
    public Reader(Judge judge, double leastPoint) {
        this(judge, leastPoint, List.of(), Progress.UNWATCHED);
    }

    /** Reads {@code source} as what was said or noted in {@code meeting}. */
    public Reading read(Source source, MeetingFacts meeting) {
        Talk talk = new Talk(source, meeting);
        List<Finding> claims = Claims.of(talk);
        List<Weighable> sentences = Weighable.of(talk, claims, progress);
        double[][] odds = judge.odds(sentences);
        List<Finding> findings = new Gatherer(talk, claims, sentences, odds).gather();
        List<Topic> topics = new TopicFinder(talk, sentences, odds).find();
        findings.addAll(new PointFinder(talk, odds, leastPoint).find(findings));
        findings.sort(Comparator.comparingInt(Finding::utterance)
                .thenComparingInt(f -> f.evidence().getFirst().start()));
        AnswerFinder answers = new AnswerFinder(talk, sentences);
        return new Reading(
                source,
                talk.said(),
                findings,
                topics,
                questions.stream().map(answers::to).toList(),
                new AttendanceReader(talk).read(),
                TalkFigures.of(source, meeting));
    }
}
