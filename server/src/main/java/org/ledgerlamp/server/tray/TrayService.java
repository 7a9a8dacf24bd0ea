package org.ledgerlamp.server.tray;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.shorthand.ShorthandService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes sources in, reads them, and says which belong to which meeting. */
@Service
@Transactional
public class TrayService {
    private static final int PASSAGES_AT_ONCE = 500;

    private final SourceFiles files;
    private final SourceOriginals originals;
    private final Passages passages;
    private final MeetingService meetings;
    private final EntityManager entities;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final ShorthandService shorthand;

    TrayService(
            SourceFiles files,
            SourceOriginals originals,
            Passages passages,
            MeetingService meetings,
            EntityManager entities,
            TransactionTemplate transaction,
            ShorthandService shorthand,
            Clock clock) {
        this.files = files;
        this.originals = originals;
        this.passages = passages;
        this.meetings = meetings;
        this.entities = entities;
        this.transaction = transaction;
        this.shorthand = shorthand;
        this.clock = clock;
    }

    /**
     * Takes a file in. Its bytes are kept, in a transaction of their own, before anything is tried with them; a file
     * that cannot be read stays in the tray with the reason.
     */
    @Transactional(propagation = org.springframework.transaction.annotation.Propagation.NOT_SUPPORTED)
    public SourceFile takeIn(SignedIn who, String name, byte[] bytes) {
        return takeIn(who.teamId(), who.memberId(), name, bytes);
    }

    /** The same, on behalf of a member who is not there. */
    @Transactional(propagation = org.springframework.transaction.annotation.Propagation.NOT_SUPPORTED)
    public SourceFile takeIn(UUID teamId, UUID memberId, String name, byte[] bytes) {
        UUID id = transaction.execute(t -> keep(teamId, memberId, name, bytes));
        return transaction.execute(t -> read(teamId, id, bytes, false));
    }

    /** The same, read line by line as notes even where its lines look like a transcript's. */
    @Transactional(propagation = org.springframework.transaction.annotation.Propagation.NOT_SUPPORTED)
    public SourceFile takeInNotes(UUID teamId, UUID memberId, String name, byte[] bytes) {
        UUID id = transaction.execute(t -> keep(teamId, memberId, name, bytes));
        return transaction.execute(t -> read(teamId, id, bytes, true));
    }

    /** A file of these bytes that was taken in and lies in the tray, placed nowhere. */
    @Transactional(readOnly = true)
    public Optional<SourceFile> lying(UUID teamId, byte[] bytes) {
        return files.findFirstByTeamIdAndSha256AndDiscardedAtIsNullAndMeetingIdIsNull(teamId, Digests.sha256(bytes));
    }

    /**
     * Takes in what was typed on a meeting's page; it takes the place of what was handed in from there before. The same
     * words again change nothing.
     */
    public void takePage(UUID teamId, UUID authorId, UUID meetingId, String name, byte[] bytes) {
        List<SourceFile> before = of(teamId, List.of(meetingId)).stream()
                .filter(SourceFile::isFromPage)
                .toList();
        if (before.stream().anyMatch(f -> f.sha256().equals(Digests.sha256(bytes)))) {
            return;
        }
        before.forEach(f -> f.discard(clock.instant()));
        UUID id = keep(teamId, authorId, name, bytes);
        SourceFile file = one(teamId, id);
        file.cameFromPage();
        read(teamId, id, bytes, true);
        if (file.state() == SourceFile.State.READ) {
            file.place(meetingId);
        }
    }

    private UUID keep(UUID teamId, UUID memberId, String name, byte[] bytes) {
        SourceFile file =
                files.save(new SourceFile(teamId, memberId, FileNames.presentable(name), bytes, clock.instant()));
        originals.save(new SourceOriginal(file.id(), bytes));
        return file.id();
    }

    private SourceFile read(UUID teamId, UUID id, byte[] bytes, boolean asNotes) {
        SourceFile file = one(teamId, id);
        try {
            file.readBy(shorthand.of(teamId));
            Source source =
                    asNotes ? deskFor(file).readNotes(bytes) : deskFor(file).read(bytes);
            Set<String> people = new LinkedHashSet<>(source.speakers());
            people.addAll(source.facts().participants());
            file.read(source, List.copyOf(people));
            savePassages(file, source);
        } catch (UnreadableSource e) {
            file.broken(e.problem());
        }
        return files.saveAndFlush(file);
    }

    private static SourceDesk deskFor(SourceFile file) {
        return new SourceDesk(Limits.DEFAULT, file.readBy());
    }

    private void savePassages(SourceFile file, Source source) {
        for (Utterance u : source.utterances()) {
            NoteLine note = source.isNotes() ? source.noteLines().get(u.n()) : null;
            entities.persist(new Passage(file.teamId(), file.id(), u, note));
            if (u.n() % PASSAGES_AT_ONCE == PASSAGES_AT_ONCE - 1) {
                entities.flush();
            }
        }
    }

    /** The sources that belong to no minutes yet, newest first: placed ones too, while nothing was drafted from them. */
    @Transactional(readOnly = true)
    public List<SourceFile> waiting(UUID teamId) {
        return files.waiting(teamId);
    }

    /** The sources of a meeting in order of arrival. */
    @Transactional(readOnly = true)
    public List<SourceFile> of(UUID teamId, Collection<UUID> meetingIds) {
        return files.findByTeamIdAndMeetingIdInOrderByReceivedAt(teamId, meetingIds);
    }

    /** @throws Refusal where the team has no such source */
    @Transactional(readOnly = true)
    public SourceFile one(UUID teamId, UUID id) {
        return files.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("source"));
    }

    /** The bytes as they came. */
    @Transactional(readOnly = true)
    public byte[] original(UUID teamId, UUID id) {
        return originals.findById(one(teamId, id).id()).orElseThrow().bytes();
    }

    /** What was read of a source, read again from its bytes: the same as at first. */
    @Transactional(readOnly = true)
    public Source source(SourceFile file) {
        byte[] bytes = original(file.teamId(), file.id());
        try {
            return file.isNotes()
                    ? deskFor(file).readNotes(bytes)
                    : deskFor(file).read(bytes);
        } catch (UnreadableSource e) {
            throw Refusal.conflict(file.name() + ": " + e.getMessage());
        }
    }

    /** The talk of a source as it was kept when it was read: its passages alone, without reading the bytes again. */
    @Transactional(readOnly = true)
    public List<Utterance> talk(SourceFile file) {
        return passages.findBySourceIdOrderByN(file.id()).stream()
                .map(Passage::utterance)
                .toList();
    }

    /** The passages of a source in order. */
    @Transactional(readOnly = true)
    public List<Passage> passages(UUID teamId, UUID id) {
        return passages.findBySourceIdAndTeamIdOrderByN(one(teamId, id).id(), teamId);
    }

    /** Whether the tray or a meeting holds the same bytes already. */
    @Transactional(readOnly = true)
    public SourceFile twin(SourceFile file) {
        return files.findFirstByTeamIdAndSha256AndDiscardedAtIsNullAndIdNot(file.teamId(), file.sha256(), file.id())
                .orElse(null);
    }

    /**
     * Says that a source belongs to a meeting.
     *
     * @throws Refusal where it cannot be read, or belongs to one already
     */
    public SourceFile place(UUID teamId, UUID id, UUID meetingId) {
        SourceFile file = one(teamId, id);
        if (file.state() != SourceFile.State.READ) {
            throw Refusal.conflict("Nothing could be read of " + file.name() + ", so it cannot be drafted from.");
        }
        if (file.meetingId() != null
                && !file.meetingId().equals(meetingId)
                && meetings.one(teamId, file.meetingId()).hasMinutes()) {
            throw Refusal.conflict(file.name() + " belongs to another meeting already.");
        }
        Meeting meeting = meetings.one(teamId, meetingId);
        if (meeting.hasFolio()) {
            throw Refusal.conflict(
                    "The minutes of " + meeting.title() + " are filed already; " + file.name() + " stays in the tray.");
        }
        file.place(meeting.id());
        return files.saveAndFlush(file);
    }

    /** Takes a source out of the tray. It is kept, and can be restored. */
    public void discard(UUID teamId, UUID id) {
        SourceFile file = one(teamId, id);
        if (file.meetingId() != null && meetings.one(teamId, file.meetingId()).hasMinutes()) {
            throw Refusal.conflict(file.name() + " belongs to minutes.");
        }
        file.discard(clock.instant());
    }

    /** Puts a discarded source back. */
    public SourceFile restore(UUID teamId, UUID id) {
        SourceFile file = one(teamId, id);
        file.restore();
        return file;
    }

    /** @throws Refusal where a source of the team does not have these words in that place */
    @Transactional(readOnly = true)
    public void requireWords(UUID teamId, UUID sourceId, int passage, int start, int end, String words) {
        String text = passages.findBySourceIdAndTeamIdAndN(sourceId, teamId, passage)
                .orElseThrow(() -> Refusal.notFound("passage"))
                .text();
        if (start < 0
                || start > end
                || end > text.length()
                || !text.substring(start, end).equals(words)) {
            throw Refusal.invalid("The words \"" + words + "\" do not stand there in the source.");
        }
    }

    /**
     * Marks the passages of a meeting's sources as standing behind a folio, so that they are found.
     *
     * @param number the folio's number, or null where they stand behind none any more
     */
    public void fileUnder(UUID teamId, UUID meetingId, @Nullable Integer number) {
        List<SourceFile> sources = new ArrayList<>(of(teamId, List.of(meetingId)));
        sources.forEach(s -> passages.findBySourceIdOrderByN(s.id()).forEach(p -> p.fileUnder(number)));
    }
}
