package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.reading.Asked;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Guests;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Reader;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.wording.Worded;
import org.ledgerlamp.core.wording.Wording;

/** Drafts minutes. Same source, facts and template, same draft. */
public final class Drafter {
    /** What can neither be worded nor quoted is only half as sure to be worth a line. */
    private static final double UNWORDED = 0.5;

    private final SentenceClassifier classifier;
    private final Shorthand shorthand;

    /** Drafts by the weights that ship with the program, and leaves abbreviations as they are. */
    public Drafter() {
        this(SentenceClassifier.shipped(), Shorthand.NONE);
    }

    /**
     * @param classifier how sentences are judged
     * @param shorthand abbreviations that note lines are written out by
     */
    public Drafter(SentenceClassifier classifier, Shorthand shorthand) {
        this.classifier = classifier;
        this.shorthand = shorthand;
    }

    /**
     * Drafts the minutes of {@code meeting}.
     *
     * @param source the transcript, or notes where there is none
     * @param notes notes typed beside the transcript, or null
     */
    public Draft draft(Source source, Source notes, MeetingFacts meeting, Template template) {
        return draft(source, notes, meeting, template, Progress.UNWATCHED);
    }

    /** The same, and says to {@code progress} how many sentences of the source are read. */
    public Draft draft(Source source, Source notes, MeetingFacts meeting, Template template, Progress progress) {
        List<Section> asking = template.asking();
        Reader reader = new Reader(
                classifier,
                template.leastPoint(),
                asking.stream()
                        .map(s -> new Asked(s.text(), template.detailOf(s).answers()))
                        .toList(),
                progress);
        MeetingFacts known = Guests.welcomed(meeting, source);
        Reading reading = reader.read(source, known);
        List<Finding> findings = notes == null
                ? reading.findings()
                : NotesWeaver.weave(reading, new Reader(classifier, template.leastPoint()).read(notes, known));
        Wording wording = new Wording(reading, known);
        List<Line> lines = new ArrayList<>();
        List<Line> possible = new ArrayList<>();
        for (Finding finding : findings) {
            Worded worded = wording.of(written(finding, reading));
            Line line = line(finding, worded, reading, null);
            boolean drafted =
                    line.certainty() >= template.least(finding.kind()) && worded.form() != Worded.Form.AS_SAID;
            (drafted ? lines : possible).add(line);
        }
        lines.retainAll(OneKind.of(lines));
        leaveOutWhatIsSaidTwice(lines);
        lines.removeIf(l -> lines.stream().anyMatch(l::isTakenOnBy));
        Set<Line> kept = LineBudget.within(lines, template.detail(), source);
        lines.stream().filter(l -> !kept.contains(l)).forEach(possible::add);
        lines.retainAll(kept);
        // What is drafted as one kind is not offered as another as well.
        possible.removeIf(p -> lines.stream().anyMatch(p::restsOnTheSameAs));
        List<Line> answers = new ArrayList<>();
        for (int i = 0; i < asking.size(); i++) {
            for (Finding answer : reading.answers().get(i)) {
                answers.add(
                        line(answer, wording.of(answer), reading, asking.get(i).heading()));
            }
        }
        return new Draft(meeting, template, reading, notes, Summariser.of(reading, lines), lines, answers, possible);
    }

    /** Of lines that say the same of the same person the surest stays, of such the first. */
    private static void leaveOutWhatIsSaidTwice(List<Line> lines) {
        Map<List<Object>, Line> surest = new HashMap<>();
        for (Line line : lines) {
            surest.merge(whatItSays(line), line, (a, b) -> b.certainty() > a.certainty() ? b : a);
        }
        lines.removeIf(l -> surest.get(whatItSays(l)) != l);
    }

    private static List<Object> whatItSays(Line line) {
        return List.of(line.kind(), line.owner() == null ? "" : line.owner(), line.text());
    }

    /** Abbreviations of notes are written out. */
    private Finding written(Finding finding, Reading reading) {
        boolean noted = finding.evidence().getFirst().origin() == Evidence.Origin.NOTES
                || reading.source().isNotes();
        return noted ? finding.inWords(shorthand::writtenOut) : finding;
    }

    private static Line line(Finding finding, Worded worded, Reading reading, String section) {
        boolean action = finding.kind() == Kind.ACTION;
        return new Line(
                finding.kind(),
                worded.text(),
                action && finding.owner() != null ? finding.owner().name() : null,
                action && finding.due() != null ? finding.due().date() : null,
                action && finding.due() != null ? finding.due().words() : null,
                topicOf(finding, reading),
                section,
                worded.form() == Worded.Form.AS_SAID ? finding.certainty() * UNWORDED : finding.certainty(),
                finding.reasons(),
                finding.backing(),
                finding.evidence());
    }

    /** Where the talk speaks of it; what only the notes know comes last. */
    private static int topicOf(Finding finding, Reading reading) {
        return finding.evidence().stream()
                .filter(e -> e.origin() == Evidence.Origin.TALK)
                .findFirst()
                .map(e -> reading.topicOf(e.utterance()))
                .orElse(Math.max(0, reading.topics().size() - 1));
    }
}
