package org.ledgerlamp.server.recorder;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.WebhookSignature;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.DraftingDesk;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Takes what recorders deliver, one after the other: what is genuine, timely and not a replay. */
@Component
class ArrivalDesk {
    private static final Logger LOG = LoggerFactory.getLogger(ArrivalDesk.class);
    private static final Duration REMEMBERED = Duration.ofDays(7);
    private static final int LONGEST_ID = 200;
    private static final List<String> EVENTS = List.of(
            "recording.started", "recording.segments", "recording.paused", "recording.resumed", "recording.finished");
    private static final JsonMapper JSON = JsonMapper.shared();

    private final Recorders recorders;
    private final Deliveries deliveries;
    private final RecordingService recordings;
    private final TrayService tray;
    private final MeetingService meetings;
    private final DraftingDesk drafting;
    private final Secrets secrets;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final ReentrantLock turn = new ReentrantLock();

    ArrivalDesk(
            Recorders recorders,
            Deliveries deliveries,
            RecordingService recordings,
            TrayService tray,
            MeetingService meetings,
            DraftingDesk drafting,
            Secrets secrets,
            ApplicationEventPublisher events,
            TransactionTemplate transaction,
            Clock clock) {
        this.recorders = recorders;
        this.deliveries = deliveries;
        this.recordings = recordings;
        this.tray = tray;
        this.meetings = meetings;
        this.drafting = drafting;
        this.secrets = secrets;
        this.events = events;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** The header fields of a delivery; any may be missing. */
    record Seal(@Nullable String id, @Nullable String timestamp, @Nullable String signature) {}

    /**
     * Looks at what is known of a delivery before its body.
     *
     * @throws Refusal 401 where it cannot be taken, whatever its body is
     */
    void expect(String box, Seal seal) {
        recorderOf(box);
        WebhookSignature.against(seal.id(), seal.timestamp(), seal.signature(), clock.instant())
                .ifPresent(ArrivalDesk::refuse);
    }

    private Recorder recorderOf(String box) {
        return recorders.findByBox(box).orElseThrow(() -> Refusal.notSigned("Nobody delivers here."));
    }

    /**
     * Takes a delivery.
     *
     * @param box the last part of the address to which it came
     * @throws Refusal 401 where it is not the recorder's own or not of now, 409 where it is a replay
     */
    void take(String box, Seal seal, byte[] body) {
        Recorder recorder = recorderOf(box);
        check(recorder, seal, body);
        turn.lock();
        try {
            long second = Long.parseLong(Objects.requireNonNull(seal.timestamp()));
            if (deliveries.existsByRecorderIdAndCalledAndSentSecond(recorder.id(), seal.id(), second)) {
                throw Refusal.conflict("This delivery was taken already; nothing is taken twice.");
            }
            if (!deliveries.existsByRecorderIdAndCalled(recorder.id(), seal.id())) {
                carryOut(recorder, event(body), body);
            }
            transaction.executeWithoutResult(t -> {
                deliveries.save(new Delivery(recorder.id(), seal.id(), second, clock.instant()));
                deliveries.deleteByCameAtBefore(clock.instant().minus(REMEMBERED));
            });
        } finally {
            turn.unlock();
        }
    }

    private void check(Recorder recorder, Seal seal, byte[] body) {
        refuse(new WebhookSignature(secrets.told(recorder.secret()))
                .check(seal.id(), seal.timestamp(), seal.signature(), body, clock.instant()));
    }

    private static void refuse(WebhookSignature.Verdict verdict) {
        switch (verdict) {
            case GENUINE -> {}
            case INCOMPLETE -> throw Refusal.notSigned("The delivery does not carry id, time and signature.");
            case UNTIMELY -> throw Refusal.notSigned("The delivery's time is too far from now.");
            case FORGED -> throw Refusal.notSigned("The signature does not fit.");
            default -> throw new IllegalStateException(verdict.name());
        }
    }

    private static RecorderEvent event(byte[] body) {
        try {
            RecorderEvent event = JSON.readValue(body, RecorderEvent.class);
            if (event != null && event.id() != null && event.id().length() <= LONGEST_ID) {
                return known(event);
            }
        } catch (JacksonException e) {
            throw Refusal.invalid("The delivery is no JSON as expected: " + e.getOriginalMessage())
                    .because(e);
        }
        throw Refusal.invalid("The delivery names no recording under \"id\".");
    }

    private static RecorderEvent known(RecorderEvent event) {
        if (event.event() == null || !EVENTS.contains(event.event())) {
            throw Refusal.invalid(
                    "There is no event \"" + event.event() + "\"; known are " + String.join(", ", EVENTS) + ".");
        }
        return event;
    }

    private void carryOut(Recorder recorder, RecorderEvent event, byte[] body) {
        UUID recording = recordings.says(recorder.id(), event);
        switch (Objects.requireNonNull(event.event())) {
            case "recording.started" -> recordings.pause(recording, false);
            case "recording.segments" ->
                recordings.hear(
                        recording,
                        event.first() == null ? 0 : event.first(),
                        event.segments() == null ? List.of() : event.segments());
            case "recording.paused" -> recordings.pause(recording, true);
            case "recording.resumed" -> recordings.pause(recording, false);
            case "recording.finished" -> takeIn(recorder, recording, body);
            default -> throw new IllegalStateException(event.event());
        }
    }

    /** Says that a recording was begun for a meeting, by its recorder's answer to a command. */
    UUID expect(UUID recorderId, String called, UUID meetingId) {
        turn.lock();
        try {
            return recordings.expect(recorderId, called, meetingId);
        } finally {
            turn.unlock();
        }
    }

    /** Takes in what was heard of a recording whose end never came, as if it had been delivered. */
    void takeHeard(UUID teamId, UUID recordingId) {
        turn.lock();
        try {
            Recording recording = recordings.one(teamId, recordingId);
            List<RecordedSegment> heard = recordings.heard(recordingId);
            if (recording.state() == Recording.State.TAKEN || heard.isEmpty()) {
                throw Refusal.conflict("There is nothing of it that was not taken in.");
            }
            Recorder recorder = recorders.findById(recording.recorderId()).orElseThrow();
            takeIn(recorder, recordingId, Heard.asDelivery(recording, heard));
        } finally {
            turn.unlock();
        }
    }

    private void takeIn(Recorder recorder, UUID recordingId, byte[] body) {
        Recording recording = recordings.known(recordingId);
        SourceFile before = recording.sourceId() == null ? null : tray.one(recorder.teamId(), recording.sourceId());
        if (before != null && before.holds(body)) {
            return;
        }
        SourceFile source = tray.takeIn(recorder.teamId(), recorder.memberId(), name(recording), body);
        if (before != null && !isInMinutes(before)) {
            tray.discard(before.teamId(), before.id());
        }
        place(recorder, recording, source);
        recordings.taken(recordingId, source.id());
    }

    private boolean isInMinutes(SourceFile source) {
        return source.meetingId() != null
                && meetings.one(source.teamId(), source.meetingId()).hasMinutes();
    }

    /** Gives a source to its meeting and drafts; one that has minutes already, or none that is sure, is left to people. */
    private void place(Recorder recorder, Recording recording, SourceFile source) {
        UUID meeting = recording.meetingId();
        boolean ours = meeting != null
                && source.state() == SourceFile.State.READ
                && !meetings.one(recorder.teamId(), meeting).hasMinutes();
        if (!ours) {
            events.publishEvent(new Changed(
                    recorder.memberId(), "arrived", Map.of("sourceId", source.id(), "name", source.name())));
            return;
        }
        tray.place(recorder.teamId(), source.id(), meeting);
        try {
            drafting.beginUnasked(recorder.teamId(), recorder.memberId(), meeting);
        } catch (Refusal refused) {
            LOG.warn("{} is with its meeting, but was not drafted: {}", source.name(), refused.getMessage());
        }
    }

    private String name(Recording recording) {
        Instant at = recording.startedAt();
        String title =
                recording.title() == null ? "recording" : recording.title().replaceAll("[/\\\\]", " ");
        return title + " " + LocalDate.ofInstant(at, clock.getZone()) + ".json";
    }
}
