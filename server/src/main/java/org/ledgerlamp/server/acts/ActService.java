package org.ledgerlamp.server.acts;

import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what people do about lines of record. */
@Service
@Transactional
public class ActService {
    private final Acts acts;
    private final MeetingService meetings;
    private final Clock clock;

    ActService(Acts acts, MeetingService meetings, Clock clock) {
        this.acts = acts;
        this.meetings = meetings;
        this.clock = clock;
    }

    /**
     * What is to be done about a line.
     *
     * @param due the new day, for what is dated anew
     * @param ownerId who is to have it, for what is handed over
     * @param meetingId the meeting in which it is done, or null
     */
    public record Deed(
            @NotNull ActKind kind, @Nullable LocalDate due, @Nullable UUID ownerId, @Nullable UUID meetingId) {
        /** A deed that needs neither a day nor a person. */
        public static Deed plain(ActKind kind, @Nullable UUID meetingId) {
            return new Deed(kind, null, null, meetingId);
        }
    }

    /** What was done about each of these lines. */
    @Transactional(readOnly = true)
    public Map<UUID, Course> courses(UUID teamId, Collection<UUID> lines) {
        return acts.findByTeamIdAndLineIdInAndTakenBackFalseOrderByDoneAt(teamId, lines).stream()
                .collect(Collectors.groupingBy(
                        Act::lineId, Collectors.collectingAndThen(Collectors.toList(), Course::new)));
    }

    /** What was done about a line. */
    @Transactional(readOnly = true)
    public Course course(UUID teamId, UUID line) {
        return courses(teamId, List.of(line)).getOrDefault(line, Course.NONE);
    }

    /**
     * Does something about a line of the member's team.
     *
     * @throws Refusal where what is dated anew has no day, what is handed over nobody to have it, or the team has no such meeting
     */
    public Act act(SignedIn who, UUID lineId, Deed deed) {
        if ((deed.kind() == ActKind.RE_DATED) != (deed.due() != null)) {
            throw Refusal.invalid("A day belongs to what is dated anew, and to nothing else.");
        }
        if ((deed.kind() == ActKind.HANDED_OVER) != (deed.ownerId() != null)) {
            throw Refusal.invalid("A person belongs to what is handed over, and to nothing else.");
        }
        LocalDate on = deed.meetingId() == null
                ? LocalDate.now(clock)
                : meetings.one(who.teamId(), deed.meetingId()).date();
        return acts.saveAndFlush(new Act(who.teamId(), lineId, deed, on, clock.instant(), who.memberId()));
    }

    /** Takes an act back; it stays in the course as taken back. */
    public Act takeBack(UUID teamId, UUID id) {
        Act act = acts.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("act"));
        act.takeBack();
        return acts.saveAndFlush(act);
    }
}
