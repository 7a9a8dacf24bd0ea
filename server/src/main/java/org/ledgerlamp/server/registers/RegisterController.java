package org.ledgerlamp.server.registers;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.links.LineLink;
import org.ledgerlamp.server.links.LinkEffect;
import org.ledgerlamp.server.links.LinkService;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The registers over HTTP. */
@RestController
class RegisterController {
    private final RegisterService registers;
    private final RegisterFiles files;
    private final LinkService links;
    private final MinutesService minutes;

    RegisterController(RegisterService registers, RegisterFiles files, LinkService links, MinutesService minutes) {
        this.registers = registers;
        this.files = files;
        this.links = links;
        this.minutes = minutes;
    }

    /** What a later folio says of an entry. */
    record SaidLater(int folio, LocalDate date, LinkEffect effect, LineState state) {}

    /**
     * An entry of a register.
     *
     * @param due the day it is due now
     * @param ownerId who has it now
     * @param last what was done about it last
     * @param actId the act that did it, to be taken back
     * @param later what later folios say of it, in order
     */
    record RegisterRow(
            UUID lineId,
            int folio,
            int number,
            LineKind kind,
            String text,
            LocalDate heldOn,
            @Nullable String series,
            @Nullable UUID ownerId,
            @Nullable LocalDate due,
            EntryStanding standing,
            boolean contested,
            @Nullable ActKind last,
            @Nullable UUID actId,
            List<SaidLater> later) {}

    /**
     * A page of a register.
     *
     * @param next where the next page begins, or null where this is the last
     */
    record RegisterPage(List<RegisterRow> entries, @Nullable String next) {}

    @GetMapping("/api/registers")
    List<RegisterService.RegisterCount> counts(@AuthenticationPrincipal SignedIn who) {
        return registers.counts(who.teamId());
    }

    @GetMapping("/api/registers/{kind}")
    RegisterPage page(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable LineKind kind,
            @RequestParam(defaultValue = "true") boolean open,
            @RequestParam(defaultValue = "false") boolean overdue,
            @RequestParam(required = false) @Nullable UUID owner,
            @RequestParam(required = false) @Nullable String series,
            @RequestParam(required = false) @Nullable String after) {
        RegisterService.Page page =
                registers.page(who.teamId(), new RegisterService.Wanted(kind, open, overdue, owner, series, after));
        Map<UUID, List<LineLink>> later = page.entries().isEmpty()
                ? Map.of()
                : links.after(
                        who.teamId(),
                        page.entries().stream().map(RegisterEntry::id).toList());
        Map<UUID, Minutes> folios = minutes
                .all(
                        who.teamId(),
                        later.values().stream()
                                .flatMap(Collection::stream)
                                .map(LineLink::laterMinutes)
                                .collect(Collectors.toSet()))
                .stream()
                .filter(Minutes::isFiled)
                .collect(Collectors.toMap(Minutes::id, Function.identity()));
        return new RegisterPage(
                page.entries().stream()
                        .map(e -> entry(e, later.getOrDefault(e.id(), List.of()), folios))
                        .toList(),
                page.next());
    }

    /** All that is shown of a register, as a file. */
    @GetMapping("/api/registers/{kind}/file")
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable LineKind kind,
            @RequestParam RegisterFiles.Form form,
            @RequestParam(defaultValue = "true") boolean open,
            @RequestParam(defaultValue = "false") boolean overdue,
            @RequestParam(required = false) @Nullable UUID owner,
            @RequestParam(required = false) @Nullable String series) {
        String file =
                files.write(who.teamId(), new RegisterService.Wanted(kind, open, overdue, owner, series, null), form);
        return Downloads.of(kind.name().toLowerCase(Locale.ROOT) + "s." + form, file.getBytes(StandardCharsets.UTF_8));
    }

    private static RegisterRow entry(RegisterEntry e, List<LineLink> later, Map<UUID, Minutes> folios) {
        return new RegisterRow(
                e.id(),
                e.folio(),
                e.number(),
                e.kind(),
                e.text(),
                e.heldOn(),
                e.series(),
                e.ownerId(),
                e.due(),
                e.standing(),
                e.isContested(),
                e.lastAct(),
                e.actId(),
                later.stream()
                        .filter(l -> folios.containsKey(l.laterMinutes()))
                        .map(l -> new SaidLater(
                                folios.get(l.laterMinutes()).folio(),
                                folios.get(l.laterMinutes()).meeting().date(),
                                l.effect(),
                                l.state()))
                        .toList());
    }
}
