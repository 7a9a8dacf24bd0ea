package org.ledgerlamp.server.minutes;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.server.common.Millis;
import org.ledgerlamp.server.tray.SourceFile;

/**
 * The sources of a meeting as they are read: all transcripts as one talk, all notes as one beside it; where there are
 * notes only, they are the talk.
 */
final class Sheets {
    private final List<SourceFile> talk;
    private final List<SourceFile> notes;
    private final Function<SourceFile, Source> read;
    private @Nullable Source talkRead;
    private @Nullable Source notesRead;

    /** @param read reads a file's source */
    Sheets(List<SourceFile> files, Function<SourceFile, Source> read) {
        List<SourceFile> transcripts = files.stream().filter(f -> !f.isNotes()).toList();
        List<SourceFile> noted = files.stream().filter(SourceFile::isNotes).toList();
        talk = transcripts.isEmpty() ? noted : transcripts;
        notes = transcripts.isEmpty() ? List.of() : noted;
        this.read = read;
    }

    /**
     * Reads all of them now: within the transaction that took them in, others do not see them yet.
     *
     * @return these sheets
     */
    Sheets loaded() {
        talk();
        notes();
        return this;
    }

    /** Whether the meeting has no source. */
    boolean isEmpty() {
        return talk.isEmpty();
    }

    /** The talk, read when it is wanted first. */
    Source talk() {
        if (talkRead == null) {
            talkRead = Source.joined(talk.stream().map(read).toList());
        }
        return talkRead;
    }

    /** The notes beside the talk, if there are any, read when they are wanted first. */
    @Nullable
    Source notes() {
        if (notesRead == null && !notes.isEmpty()) {
            notesRead = Source.joined(notes.stream().map(read).toList());
        }
        return notesRead;
    }

    /** What the core takes a kept passage for; none where its file belongs to the meeting no more. */
    Optional<Evidence> evidence(Basis basis) {
        int place = place(basis, talk);
        Evidence.Origin origin = place < 0 ? Evidence.Origin.NOTES : Evidence.Origin.TALK;
        int n = place < 0 ? place(basis, notes) : place;
        return n < 0
                ? Optional.empty()
                : Optional.of(new Evidence(
                        origin,
                        n,
                        basis.startMs() == null ? null : Duration.ofMillis(basis.startMs()),
                        basis.speaker(),
                        basis.start(),
                        basis.end(),
                        basis.quote()));
    }

    /** The passages that the core's evidence means, each in its own file. */
    List<Basis> basis(List<Evidence> evidence) {
        List<Basis> basis = new ArrayList<>();
        for (Evidence e : evidence) {
            int n = e.utterance();
            for (SourceFile file : e.origin() == Evidence.Origin.NOTES && !notes.isEmpty() ? notes : talk) {
                if (n < file.passages()) {
                    basis.add(new Basis(file.id(), n, e.start(), e.end(), e.quote(), e.speaker(), Millis.of(e.at())));
                    break;
                }
                n -= file.passages();
            }
        }
        return basis;
    }

    /** Where in the joined talk a passage stands, or -1 where it is none of the talk. */
    int inTalk(Basis basis) {
        return place(basis, talk);
    }

    private static int place(Basis basis, List<SourceFile> files) {
        int before = 0;
        for (SourceFile file : files) {
            if (file.id().equals(basis.sourceId())) {
                return before + basis.passage();
            }
            before += file.passages();
        }
        return -1;
    }
}
