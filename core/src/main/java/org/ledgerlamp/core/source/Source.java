package org.ledgerlamp.core.source;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * A transcript or raw notes, as read.
 *
 * @param format the layout that was recognised
 * @param utterances the talk; for notes one utterance a line, so that evidence points at both alike
 * @param noteLines the lines of notes with nesting and marks, {@code noteLines.get(i).n() == i}; empty for a transcript
 * @param facts what the source tells of its meeting
 * @param problems what could not be read, in order of place
 */
public record Source(
        SourceFormat format,
        List<Utterance> utterances,
        List<NoteLine> noteLines,
        SourceFacts facts,
        List<Problem> problems) {
    public Source {
        utterances = List.copyOf(utterances);
        noteLines = List.copyOf(noteLines);
        problems = List.copyOf(problems);
    }

    /** Whether these are notes that somebody typed rather than a transcript. */
    public boolean isNotes() {
        return format == SourceFormat.NOTES;
    }

    /** The speakers in order of first appearance, as the source writes them. */
    public List<String> speakers() {
        return utterances.stream()
                .map(Utterance::speaker)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /** From the start of the recording to the last known time, or null where the source has no times. */
    public Duration length() {
        return utterances.stream()
                .map(u -> u.end() != null ? u.end() : u.start())
                .filter(Objects::nonNull)
                .max(Duration::compareTo)
                .orElse(null);
    }

    /**
     * Several sources of one meeting as one, in their order: utterances and note lines are numbered on, times stay those
     * of each recording.
     *
     * @param parts at least one, all transcripts or all notes
     */
    public static Source joined(List<Source> parts) {
        if (parts.size() == 1) {
            return parts.getFirst();
        }
        List<Utterance> utterances = new ArrayList<>();
        List<NoteLine> lines = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (Source part : parts) {
            int before = utterances.size();
            part.utterances()
                    .forEach(u ->
                            utterances.add(new Utterance(before + u.n(), u.speaker(), u.start(), u.end(), u.text())));
            part.noteLines()
                    .forEach(l -> lines.add(
                            new NoteLine(before + l.n(), l.line(), l.indent(), l.heading(), l.mark(), l.text())));
            problems.addAll(part.problems());
        }
        return new Source(
                parts.getFirst().format(), utterances, lines, parts.getFirst().facts(), problems);
    }
}
