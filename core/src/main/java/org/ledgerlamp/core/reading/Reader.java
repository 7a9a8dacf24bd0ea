package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.ledgerlamp.core.language.Languages;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.source.Source;

/** Reads a source into findings. Same source and facts, same reading. */
public final class Reader {
    private final SentenceClassifier classifier;
    private final double leastPoint;
    private final List<Asked> questions;
    private final Progress progress;

    /**
     * @param classifier how sentences are judged
     * @param leastPoint how likely a sentence must be to be a point, 0 to 1
     * @param questions what is asked of the meeting
     * @param progress hears how many sentences are read
     */
    public Reader(SentenceClassifier classifier, double leastPoint, List<Asked> questions, Progress progress) {
        this.classifier = classifier;
        this.leastPoint = leastPoint;
        this.questions = List.copyOf(questions);
        this.progress = progress;
    }

    /** A reader that is asked nothing. */
    public Reader(SentenceClassifier classifier, double leastPoint) {
        this(classifier, leastPoint, List.of(), Progress.UNWATCHED);
    }

    /** What can be told of talk in a language that is not read: who spoke, and how long. */
    private Reading unread(Talk talk, String language) {
        Source source = talk.source();
        List<Topic> whole = talk.utterances() == 0
                ? List.of()
                : List.of(new Topic(talk.meeting().title(), 0, talk.utterances() - 1, null, null));
        return new Reading(
                source,
                talk.said(),
                List.of(),
                whole,
                questions.stream().map(q -> List.<Finding>of()).toList(),
                new AttendanceReader(talk).read(),
                language,
                TalkFigures.of(source, talk.meeting()));
    }

    /** The sentences of a source with their speakers, without reading what they say. */
    public static List<Said> sentences(Source source, MeetingFacts meeting) {
        return new Talk(source, meeting).said();
    }

    /** Reads {@code source} as what was said or noted in {@code meeting}. */
    public Reading read(Source source, MeetingFacts meeting) {
        Talk talk = new Talk(source, meeting);
        Optional<String> language = Languages.otherThanEnglish(talk.text());
        if (language.isPresent()) {
            return unread(talk, language.get());
        }
        List<Finding> claims = Claims.of(talk);
        List<InContext> context = classifier.context().read(ContextClassifier.spoken(talk), progress);
        double[][] probabilities = classifier.probabilities(FeaturedSentence.of(talk, claims, context));
        FindingClassifier judge =
                new FindingClassifier(classifier.weights(), talk.sentences().size());
        List<Finding> findings =
                new ArrayList<>(judge.judged(FeaturedFinding.of(talk, claims, context, probabilities)));
        List<Topic> topics = new TopicFinder(talk, probabilities).find();
        findings.addAll(new PointFinder(talk, probabilities, leastPoint).find(findings));
        findings.sort(Comparator.comparingInt(Finding::utterance)
                .thenComparingInt(f -> f.evidence().getFirst().start()));
        AnswerFinder answers = new AnswerFinder(talk);
        return new Reading(
                source,
                talk.said(),
                findings,
                topics,
                questions.stream().map(answers::to).toList(),
                new AttendanceReader(talk).read(),
                null,
                TalkFigures.of(source, meeting));
    }
}
