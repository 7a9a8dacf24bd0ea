package org.ledgerlamp.server.minutes;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.minutes.RevisionView.Change;
import org.ledgerlamp.server.minutes.RevisionView.StandView;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Folios over HTTP: reading, filing, taking back, revisions. */
@RestController
@Transactional
class FolioController {
    private final MinutesService minutes;
    private final FilingService filing;
    private final AmendmentService amendments;
    private final AccessService access;
    private final MinutesSheet sheet;
    private final Auditor auditor;

    FolioController(
            MinutesService minutes,
            FilingService filing,
            AmendmentService amendments,
            AccessService access,
            MinutesSheet sheet,
            Auditor auditor) {
        this.auditor = auditor;
        this.minutes = minutes;
        this.filing = filing;
        this.amendments = amendments;
        this.access = access;
        this.sheet = sheet;
    }

    /**
     * How minutes are to be filed.
     *
     * @param asItStands whether every line that is still in pencil is confirmed with that, in the member's name; null means no
     */
    record FilingWish(@Nullable Boolean asItStands) {}

    @Operation(summary = "File a draft into the ledger")
    @PostMapping("/api/minutes/{id}/folio")
    MinutesView file(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestBody(required = false) @Nullable FilingWish wish) {
        boolean asItStands = wish != null && Boolean.TRUE.equals(wish.asItStands());
        return sheet.view(asItStands ? filing.fileAsItStands(who, id) : filing.file(who, id));
    }

    @GetMapping("/api/folios/{number}")
    MinutesView folio(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        return sheet.view(minutes.folio(who.teamId(), number));
    }

    /** Takes a folio back into the spread. */
    @DeleteMapping("/api/folios/{number}")
    MinutesView unfile(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        MinutesView draft = sheet.view(filing.unfile(who, number));
        auditor.note(who, AuditKind.FILING_TAKEN_BACK, "folio " + number);
        return draft;
    }

    /** What was changed since filing, the latest revision first. */
    @GetMapping("/api/folios/{number}/revisions")
    List<RevisionView> revisions(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        Minutes folio = minutes.folio(who.teamId(), number);
        Map<UUID, String> members = access.memberNames(who.teamId());
        Map<UUID, Integer> lines = minutes.lines(folio).stream()
                .filter(l -> l.number() != null)
                .collect(Collectors.toMap(MinutesLine::id, MinutesLine::number));
        Map<UUID, Attendance> attendance =
                minutes.attendance(folio).stream().collect(Collectors.toMap(Attendance::id, Function.identity()));
        return amendments.all(folio.id()).stream().collect(Collectors.groupingBy(Amendment::revision)).values().stream()
                .map(all -> revision(all, members, lines, attendance))
                .sorted((a, b) -> b.number() - a.number())
                .toList();
    }

    /** Brings back how the lines of a revision stood before it. */
    @PostMapping("/api/folios/{number}/revisions/{revision}/undoing")
    MinutesView restore(@AuthenticationPrincipal SignedIn who, @PathVariable int number, @PathVariable int revision) {
        return sheet.view(minutes.restore(who, number, revision));
    }

    private static RevisionView revision(
            List<Amendment> all,
            Map<UUID, String> members,
            Map<UUID, Integer> lines,
            Map<UUID, Attendance> attendance) {
        Amendment last = all.getLast();
        return new RevisionView(
                last.revision(),
                members.getOrDefault(last.memberId(), "a former member"),
                last.madeAt(),
                all.stream().map(a -> change(a, lines, attendance)).toList());
    }

    private static Change change(Amendment a, Map<UUID, Integer> lines, Map<UUID, Attendance> attendance) {
        @Nullable Attendance person = a.attendanceId() == null ? null : attendance.get(a.attendanceId());
        return new Change(
                a.lineId(),
                a.lineId() == null ? null : lines.get(a.lineId()),
                person == null ? null : person.name(),
                StandView.of(a.was()),
                StandView.of(a.became()));
    }
}
