package org.ledgerlamp.server.remarks;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Written;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.meetings.MeetingService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps remarks. */
@Service
@Transactional
public class RemarkService {
    private final Remarks remarks;
    private final MeetingService meetings;
    private final AccessService access;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    RemarkService(
            Remarks remarks,
            MeetingService meetings,
            AccessService access,
            ApplicationEventPublisher events,
            Clock clock) {
        this.remarks = remarks;
        this.meetings = meetings;
        this.access = access;
        this.events = events;
        this.clock = clock;
    }

    /**
     * What somebody remarks.
     *
     * @param line the name of the line
     * @param forMember whose attention it is to call, or null
     */
    public record Said(@NotNull UUID line, @NotBlank @Size(max = 2000) String text, @Nullable UUID forMember) {}

    /** The remarks on a meeting's page, earliest first. */
    @Transactional(readOnly = true)
    public List<Remark> of(UUID teamId, UUID meetingId) {
        return remarks.findByMeetingIdAndTeamIdOrderByMadeAt(
                meetings.one(teamId, meetingId).id(), teamId);
    }

    /** The remarks of these ids. */
    @Transactional(readOnly = true)
    public List<Remark> all(UUID teamId, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : remarks.findByTeamIdAndIdIn(teamId, ids);
    }

    /** The remarks that wait for a member. */
    @Transactional(readOnly = true)
    public List<Remark> waitingFor(SignedIn who) {
        return remarks.findByTeamIdAndForMemberAndSeenFalseOrderByMadeAt(who.teamId(), who.memberId());
    }

    /** @throws Refusal where the team has no such meeting or member */
    Remark make(SignedIn who, UUID meetingId, Said said) {
        UUID meeting = meetings.one(who.teamId(), meetingId).id();
        if (said.forMember() != null && !access.memberNames(who.teamId()).containsKey(said.forMember())) {
            throw Refusal.notFound("member");
        }
        Remark remark = remarks.saveAndFlush(new Remark(who.teamId(), meeting, who.memberId(), said, clock.instant()));
        events.publishEvent(new Written(who.teamId(), meeting, Written.Place.REMARK, remark.id(), null, remark.text()));
        events.publishEvent(new Changed(meeting, "remarks", Map.of()));
        return remark;
    }

    /** Says that the one a remark is for has seen it. */
    void see(SignedIn who, UUID id) {
        Remark remark = remarks.findByIdAndTeamIdAndForMember(id, who.teamId(), who.memberId())
                .orElseThrow(() -> Refusal.notFound("remark"));
        remark.see();
        events.publishEvent(new Changed(remark.meetingId(), "remarks", Map.of()));
    }
}
