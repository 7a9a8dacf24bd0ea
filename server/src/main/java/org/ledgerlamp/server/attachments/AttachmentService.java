package org.ledgerlamp.server.attachments;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.core.source.FileClaim;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps what is attached to meetings, and says what may be handed on. */
@Service
@Transactional
public class AttachmentService {
    private static final long MOST_BYTES_A_MEETING = 200L << 20;

    private final Attachments attachments;
    private final AttachmentOriginals originals;
    private final MeetingService meetings;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Clock clock;

    AttachmentService(
            Attachments attachments,
            AttachmentOriginals originals,
            MeetingService meetings,
            ApplicationEventPublisher events,
            TransactionTemplate transaction,
            Clock clock) {
        this.attachments = attachments;
        this.originals = originals;
        this.meetings = meetings;
        this.events = events;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Attaches a file. Its bytes are kept, in a transaction of their own, before it is looked at. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Attachment attach(SignedIn who, UUID meetingId, String name, byte[] bytes) {
        UUID id = transaction.execute(t -> keep(who, meetingId, name, bytes));
        FileClaim claim = FileClaim.of(name, bytes);
        return transaction.execute(t -> {
            Attachment kept = one(who.teamId(), id);
            kept.lookedAt(claim);
            tell(meetingId);
            return kept;
        });
    }

    private UUID keep(SignedIn who, UUID meetingId, String name, byte[] bytes) {
        UUID meeting = meetings.one(who.teamId(), meetingId).id();
        if (attachments.bytesOf(meeting) + bytes.length > MOST_BYTES_A_MEETING) {
            throw Refusal.conflict(
                    "A meeting may have %,d bytes of attachments in all.".formatted(MOST_BYTES_A_MEETING));
        }
        Attachment kept = attachments.save(new Attachment(
                who.teamId(), meeting, who.memberId(), FileNames.presentable(name), bytes.length, clock.instant()));
        originals.save(new AttachmentOriginal(kept.id(), bytes));
        return kept.id();
    }

    @Transactional(readOnly = true)
    public List<Attachment> of(UUID teamId, UUID meetingId) {
        return attachments.findByTeamIdAndMeetingIdAndRemovedAtIsNullOrderByAttachedAt(
                teamId, meetings.one(teamId, meetingId).id());
    }

    /** @throws Refusal where the team has no such attachment */
    @Transactional(readOnly = true)
    public Attachment one(UUID teamId, UUID id) {
        return attachments.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("attachment"));
    }

    /**
     * The bytes as they came.
     *
     * @throws Refusal where it is held back, but for the member who attached it
     */
    @Transactional(readOnly = true)
    public byte[] bytes(SignedIn who, UUID id) {
        Attachment attachment = one(who.teamId(), id);
        if (!attachment.isSound() && !attachment.memberId().equals(who.memberId())) {
            throw Refusal.conflict(attachment.name() + " is held back: " + attachment.problem() + ".");
        }
        return originals.findById(attachment.id()).orElseThrow().bytes();
    }

    /** Takes an attachment off. It is kept, and can be put back. */
    void remove(UUID teamId, UUID id) {
        Attachment attachment = one(teamId, id);
        attachment.remove(clock.instant());
        tell(attachment.meetingId());
    }

    void restore(UUID teamId, UUID id) {
        Attachment attachment = one(teamId, id);
        attachment.restore();
        tell(attachment.meetingId());
    }

    private void tell(UUID meetingId) {
        events.publishEvent(new Changed(meetingId, "attachments", Map.of()));
    }
}
