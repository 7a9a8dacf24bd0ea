package org.ledgerlamp.server.recorder;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.EarlyFindings;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A meeting's recording over HTTP: what is heard, and commands to its recorder. */
@RestController
class RecordingController {
    private final RecordingService recordings;
    private final RecorderService recorders;
    private final RecorderControl control;
    private final ArrivalDesk desk;
    private final MeetingService meetings;
    private final EarlyFindings findings;

    RecordingController(
            RecordingService recordings,
            RecorderService recorders,
            RecorderControl control,
            ArrivalDesk desk,
            MeetingService meetings,
            EarlyFindings findings) {
        this.recordings = recordings;
        this.recorders = recorders;
        this.control = control;
        this.desk = desk;
        this.meetings = meetings;
        this.findings = findings;
    }

    record WithRecorder(@NotNull UUID recorderId) {}

    record Command(@NotNull RecorderCommand command) {}

    /** The latest recording of a meeting; nothing where there is none. */
    @GetMapping("/api/meetings/{id}/recording")
    ResponseEntity<RecordingView> of(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return recordings.of(who.teamId(), id).map(ResponseEntity::ok).orElseGet(() -> ResponseEntity.noContent()
                .build());
    }

    /** Has a recorder record a meeting. */
    @PostMapping("/api/meetings/{id}/recording")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void start(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody WithRecorder with) {
        Meeting meeting = meetings.one(who.teamId(), id);
        if (meeting.hasFolio()) {
            throw Refusal.conflict("The minutes of this meeting are filed already.");
        }
        Recorder recorder = recorders.one(who.teamId(), with.recorderId());
        desk.expect(recorder.id(), control.send(recorder, RecorderCommand.START, meeting.title()), meeting.id());
    }

    @PostMapping("/api/recordings/{id}/command")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void command(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Command command) {
        Recording recording = recordings.one(who.teamId(), id);
        control.send(recorders.one(who.teamId(), recording.recorderId()), command.command(), recording.title());
    }

    /** Takes in what was heard of a recording whose end never came. */
    @PostMapping("/api/recordings/{id}/take")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        desk.takeHeard(who.teamId(), id);
    }

    /** What can be found so far, in what was heard and typed, for whoever comes late. Nothing of it is kept. */
    @GetMapping("/api/meetings/{id}/so-far")
    List<EarlyFindings.EarlyLine> soFar(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        meetings.one(who.teamId(), id);
        List<RecordedSegment> heard = recordings.heardSoFar(who.teamId(), id);
        return findings.of(who.teamId(), id, heard.isEmpty() ? null : Heard.asSegments(heard));
    }
}
