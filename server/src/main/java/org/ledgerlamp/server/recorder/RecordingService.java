package org.ledgerlamp.server.recorder;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.ArrivalMatch;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Texts;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what recorders tell, and says to which meeting a recording belongs. */
@Service
@Transactional
class RecordingService {
    private static final int LONGEST_TITLE = 300;
    private static final int MOST_SEGMENTS = 50_000;

    private final Recorders recorders;
    private final Recordings recordings;
    private final RecordedSegments segments;
    private final MeetingService meetings;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    RecordingService(
            Recorders recorders,
            Recordings recordings,
            RecordedSegments segments,
            MeetingService meetings,
            ApplicationEventPublisher events,
            Clock clock) {
        this.recorders = recorders;
        this.recordings = recordings;
        this.segments = segments;
        this.meetings = meetings;
        this.events = events;
        this.clock = clock;
    }

    /** Takes over what an event says of its recording, which begins with it where it is not known yet. */
    UUID says(UUID recorderId, RecorderEvent event) {
        Recorder recorder = recorders.findById(recorderId).orElseThrow();
        Instant now = clock.instant();
        recorder.heard(now);
        Recording recording = named(recorder, event.id(), now);
        if (event.title() != null
                || event.startedAt() != null
                || !event.people().isEmpty()) {
            recording.says(
                    shortened(event.title()),
                    event.startedAt() == null ? recording.startedAt() : event.startedAt(),
                    event.people());
        }
        recording.heard(now);
        if (recording.meetingId() == null) {
            match(recording).ifPresent(m -> recording.belongTo(m.id()));
        }
        return recording.id();
    }

    /** Says that a recording was begun for a meeting. */
    UUID expect(UUID recorderId, String called, UUID meetingId) {
        Recorder recorder = recorders.findById(recorderId).orElseThrow();
        Recording recording = named(recorder, called, clock.instant());
        recording.belongTo(meetings.one(recorder.teamId(), meetingId).id());
        tell(recording, List.of());
        return recording.id();
    }

    private Recording named(Recorder recorder, String called, Instant now) {
        return recordings
                .findByRecorderIdAndCalled(recorder.id(), called)
                .orElseGet(() -> recordings.saveAndFlush(new Recording(recorder, called, now)));
    }

    private static @Nullable String shortened(@Nullable String title) {
        return title == null || title.isBlank() ? null : Texts.shortened(title.strip(), LONGEST_TITLE);
    }

    /** The meeting that a recording belongs to without a doubt. */
    private Optional<Meeting> match(Recording recording) {
        LocalDate day = LocalDate.ofInstant(recording.startedAt(), clock.getZone());
        List<Meeting> near = meetings.between(recording.teamId(), day.minusDays(1), day.plusDays(1)).stream()
                .filter(m -> !m.isCalledOff() && !m.hasFolio())
                .toList();
        return ArrivalMatch.guesses(
                        new ArrivalMatch.Arrival(recording.title(), recording.startedAt(), recording.people()),
                        near.stream().map(m -> m.facts(List.of())).toList())
                .stream()
                .filter(ArrivalMatch.Guess::sure)
                .map(g -> near.get(g.index()))
                .findFirst();
    }

    /** Keeps what was heard, in whatever order it arrives; what was kept before stays as it was. */
    void hear(UUID recordingId, int first, List<RecorderEvent.Segment> heard) {
        Recording recording = recordings.findById(recordingId).orElseThrow();
        if (recording.state() == Recording.State.TAKEN) {
            return; // the whole of it is there already
        }
        if (first < 0 || first > MOST_SEGMENTS - heard.size()) {
            throw Refusal.invalid("A recording has at most " + MOST_SEGMENTS + " segments, counted from 0.");
        }
        Set<Integer> known = segments.numbersBetween(recordingId, first, first + heard.size());
        List<RecordedSegment> fresh = new ArrayList<>();
        for (int i = 0; i < heard.size(); i++) {
            RecorderEvent.Segment said = heard.get(i);
            if (!known.contains(first + i)
                    && said != null
                    && said.text() != null
                    && !said.text().isBlank()) {
                fresh.add(segments.save(new RecordedSegment(recordingId, first + i, said)));
            }
        }
        tell(recording, fresh);
    }

    void pause(UUID recordingId, boolean paused) {
        Recording recording = recordings.findById(recordingId).orElseThrow();
        recording.pause(paused);
        tell(recording, List.of());
    }

    /** Says that a recording became a source; what was heard before is not needed any more. */
    void taken(UUID recordingId, UUID sourceId) {
        Recording recording = recordings.findById(recordingId).orElseThrow();
        recording.taken(sourceId);
        segments.deleteByRecordingId(recordingId);
        tell(recording, List.of());
        events.publishEvent(new Changed(recording.teamId(), "tray", Map.of()));
    }

    private void tell(Recording recording, List<RecordedSegment> fresh) {
        if (recording.meetingId() != null) {
            events.publishEvent(new Changed(recording.meetingId(), "recording", view(recording, fresh)));
        }
    }

    RecordingView view(Recording recording, List<RecordedSegment> heard) {
        Recorder recorder = recorders.findById(recording.recorderId()).orElseThrow();
        return RecordingView.of(recording, recorder, heard);
    }

    /** The latest recording of a meeting with all that was heard, if any. */
    @Transactional(readOnly = true)
    public Optional<RecordingView> of(UUID teamId, UUID meetingId) {
        UUID meeting = meetings.one(teamId, meetingId).id();
        return recordings.findByTeamIdAndMeetingIdOrderByStartedAtDesc(teamId, meeting).stream()
                .findFirst()
                .map(r -> view(r, segments.findByRecordingIdOrderByN(r.id())));
    }

    /** What was heard of a meeting so far by recordings still in the making. */
    @Transactional(readOnly = true)
    public List<RecordedSegment> heardSoFar(UUID teamId, UUID meetingId) {
        return recordings.findByTeamIdAndMeetingIdOrderByStartedAtDesc(teamId, meetingId).reversed().stream()
                .flatMap(r -> segments.findByRecordingIdOrderByN(r.id()).stream())
                .toList();
    }

    /** @throws Refusal where the team has no such recording */
    @Transactional(readOnly = true)
    public Recording one(UUID teamId, UUID id) {
        return recordings.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("recording"));
    }

    /** The same, for whoever knows it is the team's. */
    @Transactional(readOnly = true)
    public Recording known(UUID id) {
        return recordings.findById(id).orElseThrow();
    }

    @Transactional(readOnly = true)
    public List<RecordedSegment> heard(UUID recordingId) {
        return segments.findByRecordingIdOrderByN(recordingId);
    }
}
