package org.ledgerlamp.server.minutes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.ShippedTemplates;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.meetings.MeetingView;
import org.ledgerlamp.server.minutes.MinutesView.Attendee;
import org.ledgerlamp.server.minutes.MinutesView.Sheet;
import org.ledgerlamp.server.minutes.MinutesView.TemplateView;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Minutes over HTTP: drafting, correcting, filing. */
@RestController
@Transactional
class MinutesController {
    private final DraftingDesk drafting;
    private final MinutesService minutes;
    private final MatterService matters;
    private final TrayService tray;
    private final AccessService access;

    MinutesController(
            DraftingDesk drafting,
            MinutesService minutes,
            MatterService matters,
            TrayService tray,
            AccessService access) {
        this.drafting = drafting;
        this.minutes = minutes;
        this.matters = matters;
        this.tray = tray;
        this.access = access;
    }

    record DraftingWish(@Nullable @Size(max = 80) String template) {}

    record NewLine(
            @NotNull @Valid LineFacts facts,
            @Nullable UUID after,
            @NotNull @Size(max = 20) List<@NotNull Basis> evidence) {}

    record TemplateChoice(@NotBlank @Size(max = 80) String template, @Nullable Detail detail) {}

    record PresenceMark(boolean present) {}

    @GetMapping("/api/templates")
    List<TemplateView> templates() {
        return ShippedTemplates.ALL.stream().map(TemplateView::of).toList();
    }

    /** Begins to draft, or to draft anew what nobody has touched since. */
    @PostMapping("/api/meetings/{id}/minutes")
    @ResponseStatus(HttpStatus.ACCEPTED)
    DraftingView draft(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody DraftingWish wish) {
        return drafting.begin(who, id, wish.template(), null).view();
    }

    @GetMapping("/api/draftings/{id}")
    DraftingView drafting(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return drafting.one(who.teamId(), id).view();
    }

    @GetMapping("/api/minutes/{id}")
    MinutesView one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(minutes.one(who.teamId(), id));
    }

    @GetMapping("/api/folios/{number}")
    MinutesView folio(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        return view(minutes.folio(who.teamId(), number));
    }

    /** Gives a draft another form, and begins to draft anew what nobody has touched. */
    @PutMapping("/api/minutes/{id}/template")
    @ResponseStatus(HttpStatus.ACCEPTED)
    DraftingView useTemplate(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody TemplateChoice choice) {
        UUID meeting = minutes.toRedraft(who.teamId(), id, ifMatch);
        return drafting.begin(who, meeting, choice.template(), choice.detail()).view();
    }

    @PostMapping("/api/minutes/{id}/lines")
    ResponseEntity<LineView> add(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody NewLine line) {
        return tagged(minutes.add(who.teamId(), id, line.facts(), line.after(), line.evidence()));
    }

    @PutMapping("/api/lines/{id}")
    ResponseEntity<LineView> change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody LineFacts facts) {
        return tagged(minutes.change(who.teamId(), id, facts, ifMatch));
    }

    @PutMapping("/api/attendance/{id}")
    Attendee setPresent(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody PresenceMark mark) {
        return Attendee.of(minutes.setPresent(who.teamId(), id, mark.present(), ifMatch));
    }

    @PostMapping("/api/minutes/{id}/folio")
    MinutesView file(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(minutes.file(who, id));
    }

    private static ResponseEntity<LineView> tagged(MinutesLine line) {
        return Versions.tagged(line.version(), LineView.of(line));
    }

    private MinutesView view(Minutes m) {
        MinutesView.Filing filing = m.isFiled()
                ? new MinutesView.Filing(
                        m.folio(),
                        m.filedAt(),
                        access.memberNames(m.teamId()).getOrDefault(m.filedBy(), "a former member"))
                : null;
        return new MinutesView(
                m.id(),
                m.version(),
                m.template().titleOf(m.meeting().facts(List.of())),
                m.template().fileOf(m.meeting().facts(List.of())),
                MeetingView.of(m.meeting()),
                TemplateView.of(m.template()),
                tray.of(m.teamId(), List.of(m.meeting().id())).stream()
                        .map(Sheet::of)
                        .toList(),
                minutes.attendance(m).stream().map(Attendee::of).toList(),
                m.figures(),
                matters.of(m.meeting()),
                m.topics(),
                minutes.lines(m).stream()
                        .filter(l -> !m.isFiled() || l.state() != LineState.POSSIBLE)
                        .map(LineView::of)
                        .toList(),
                filing);
    }
}
