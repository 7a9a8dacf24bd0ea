package org.ledgerlamp.server.tray;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.shorthand.ShorthandService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes sources in, reads them, and says which belong to which meeting. */
@Service
@Transactional
public class TrayService {
    /** Files that lie in memory at once on their way to the database. */
    private static final int KEPT_AT_ONCE = 3;

    private final Semaphore room = new Semaphore(KEPT_AT_ONCE, true);
    private final SourceFiles files;
    private final SourceOriginals originals;
    private final Passages passages;
    private final MeetingService meetings;
    private final SourceReading reading;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final ShorthandService shorthand;

    TrayService(
            SourceFiles files,
            SourceOriginals originals,
            Passages passages,
            MeetingService meetings,
            SourceReading reading,
            TransactionTemplate transaction,
            ShorthandService shorthand,
            Clock clock) {
        this.files = files;
        this.originals = originals;
        this.passages = passages;
        this.meetings = meetings;
        this.reading = reading;
        this.transaction = transaction;
        this.shorthand = shorthand;
        this.clock = clock;
    }

    /**
     * Takes a file in and reads it. Its bytes are kept before anything is tried with them; a file that cannot be read stays
     * in the tray with the reason.
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public SourceFile takeIn(SignedIn who, String name, byte[] bytes) {
        return takeIn(who.teamId(), who.memberId(), name, bytes);
    }

    /** The same, on behalf of a member who is not there. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public SourceFile takeIn(UUID teamId, UUID memberId, String name, byte[] bytes) {
        return readNow(teamId, keep(teamId, memberId, name, bytes, false));
    }

    /** The same, read line by line as notes even where its lines look like a transcript's. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public SourceFile takeInNotes(UUID teamId, UUID memberId, String name, byte[] bytes) {
        return readNow(teamId, keep(teamId, memberId, name, bytes, true));
    }

    private SourceFile readNow(UUID teamId, UUID id) {
        reading.carryOut(id);
        return one(teamId, id);
    }

    /** Bytes that are loaded no sooner than there is room for them. */
    interface Content {
        byte[] bytes() throws IOException;
    }

    /**
     * Keeps a file; it is read in the background, whatever happens to the server meanwhile.
     *
     * @param patience how long to wait for that
     * @return the source, which may still wait to be read
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    SourceFile takeIn(SignedIn who, String name, Content content, Duration patience) throws IOException {
        UUID id;
        room.acquireUninterruptibly();
        try {
            id = keep(who.teamId(), who.memberId(), name, content.bytes(), false);
        } finally {
            room.release();
        }
        reading.begin(id, patience);
        return one(who.teamId(), id);
    }

    /** A file of these bytes that was taken in and lies in the tray, placed nowhere; it is read, if nobody did so yet. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Optional<SourceFile> lying(UUID teamId, byte[] bytes) {
        return files.findFirstByTeamIdAndSha256AndDiscardedAtIsNullAndMeetingIdIsNull(teamId, Digests.sha256(bytes))
                .map(file -> file.state() == SourceFile.State.KEPT ? readNow(teamId, file.id()) : file);
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
        SourceFile file = kept(teamId, authorId, name, bytes, true);
        file.cameFromPage();
        reading.readTyped(file, bytes);
        if (file.state() == SourceFile.State.READ) {
            file.place(meetingId);
        }
    }

    /** Keeps the bytes, and with them the order to read them. */
    private UUID keep(UUID teamId, UUID memberId, String name, byte[] bytes, boolean asNotes) {
        return transaction.execute(t -> {
            SourceFile file = kept(teamId, memberId, name, bytes, asNotes);
            reading.order(file.id());
            return file.id();
        });
    }

    private SourceFile kept(UUID teamId, UUID memberId, String name, byte[] bytes, boolean asNotes) {
        SourceFile file = new SourceFile(teamId, memberId, FileNames.presentable(name), bytes, clock.instant());
        file.isToBeReadBy(shorthand.of(teamId), asNotes);
        files.save(file);
        originals.save(new SourceOriginal(file.id(), bytes));
        return file;
    }

    /** How many hundredths of a source are read; empty where it is not being read just now. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public Optional<Integer> progress(SourceFile file) {
        return reading.progress(file.id());
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
        return originals.bytes(one(teamId, id).id()).orElseThrow();
    }

    /** What was read of a source, as it was kept: nothing is read from its bytes a second time. */
    @Transactional(readOnly = true)
    public Source source(SourceFile file) {
        return file.source(passages.findBySourceIdOrderByN(file.id()));
    }

    /** The talk of a source alone, as it was kept. */
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
