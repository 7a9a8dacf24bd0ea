package org.ledgerlamp.server.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.minutes.DraftsInHand;
import org.ledgerlamp.server.minutes.DraftsInHand.DraftInHand;
import org.ledgerlamp.server.minutes.Matter;
import org.ledgerlamp.server.minutes.MatterService;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.remarks.RemarkService;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The day sheet over HTTP. */
@RestController
@Transactional(readOnly = true)
class DayController {
    private final MeetingService meetings;
    private final MinutesService minutes;
    private final MatterService matters;
    private final TrayService tray;
    private final RemarkService remarks;
    private final AccessService access;
    private final DraftsInHand drafts;

    DayController(
            MeetingService meetings,
            MinutesService minutes,
            MatterService matters,
            TrayService tray,
            RemarkService remarks,
            AccessService access,
            DraftsInHand drafts) {
        this.drafts = drafts;
        this.meetings = meetings;
        this.matters = matters;
        this.remarks = remarks;
        this.access = access;
        this.minutes = minutes;
        this.tray = tray;
    }

    /**
     * A meeting of the day.
     *
     * @param minutesId its draft, or null
     * @param folio its folio, or null
     */
    record Entry(
            UUID meetingId,
            String title,
            @Nullable LocalTime start,
            @Nullable Integer plannedMinutes,
            String zone,
            @Nullable String location,
            @Nullable String kind,
            List<String> people,
            @Nullable UUID minutesId,
            @Nullable Integer folio,
            long pencil,
            long ink,
            boolean calledOff,
            List<Glance> matters) {}

    /** A matter arising at a glance. */
    record Glance(int folio, int number, String text) {}

    record WaitingSource(
            UUID id,
            String name,
            Instant receivedAt,
            boolean broken,
            boolean notes,
            @Nullable Integer seconds,
            int passages,
            List<String> speakers) {
        static WaitingSource of(SourceFile f) {
            return new WaitingSource(
                    f.id(),
                    f.name(),
                    f.receivedAt(),
                    f.state() == SourceFile.State.BROKEN,
                    f.isNotes(),
                    f.seconds(),
                    f.passages(),
                    f.facts().speakers());
        }
    }

    /** A remark that calls the member's attention. */
    record WaitingRemark(UUID id, UUID meetingId, String meeting, String by, String text, Instant madeAt) {}

    record DaySheet(
            LocalDate date,
            List<Entry> meetings,
            List<WaitingRemark> remarks,
            List<WaitingSource> sources,
            List<DraftInHand> drafts) {}

    @GetMapping("/api/day")
    DaySheet day(@AuthenticationPrincipal SignedIn who, @RequestParam LocalDate date) {
        List<Meeting> held = meetings.between(who.teamId(), date, date);
        Map<UUID, Minutes> byMeeting = new HashMap<>();
        minutes.ofMeetings(who.teamId(), held.stream().map(Meeting::id).toList())
                .forEach(m -> byMeeting.put(m.meeting().id(), m));
        List<DraftInHand> inHand = drafts.of(who.teamId());
        Map<UUID, DraftInHand> byMinutes =
                inHand.stream().collect(Collectors.toMap(DraftInHand::minutesId, Function.identity()));
        return new DaySheet(
                date,
                held.stream()
                        .sorted(Comparator.comparing(Meeting::start, Comparator.nullsFirst(Comparator.naturalOrder())))
                        .map(m -> entry(m, byMeeting.get(m.id()), byMinutes))
                        .toList(),
                remarksFor(who),
                tray.waiting(who.teamId()).stream().map(WaitingSource::of).toList(),
                inHand);
    }

    /** What is still open of the matters of a meeting to come. */
    private List<Glance> glance(Meeting meeting) {
        return matters.of(meeting).stream()
                .filter(Matter::open)
                .map(m -> new Glance(m.folio(), m.number(), m.text()))
                .toList();
    }

    private List<WaitingRemark> remarksFor(SignedIn who) {
        Map<UUID, String> names = access.memberNames(who.teamId());
        return remarks.waitingFor(who).stream()
                .map(r -> new WaitingRemark(
                        r.id(),
                        r.meetingId(),
                        meetings.one(who.teamId(), r.meetingId()).title(),
                        names.getOrDefault(r.memberId(), ""),
                        r.text(),
                        r.madeAt()))
                .toList();
    }

    private Entry entry(Meeting m, @Nullable Minutes written, Map<UUID, DraftInHand> drafts) {
        DraftInHand draft = written == null ? null : drafts.get(written.id());
        return new Entry(
                m.id(),
                m.title(),
                m.start(),
                m.plannedMinutes(),
                m.zone(),
                m.location(),
                m.kind(),
                m.invited().stream().map(RosterPerson::name).toList(),
                written == null ? null : written.id(),
                written == null ? null : written.folio(),
                draft == null ? 0 : draft.pencil(),
                draft == null ? 0 : draft.ink(),
                m.isCalledOff(),
                written == null && !m.isCalledOff() ? glance(m) : List.of());
    }
}
