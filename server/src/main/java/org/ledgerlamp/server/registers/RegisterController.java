package org.ledgerlamp.server.registers;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.registers.RegisterRows.RegisterRow;
import org.ledgerlamp.server.registers.RegisterService.Wanted;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The registers over HTTP. */
@RestController
class RegisterController {
    private static final int MOST_ON_A_PAGE = 1000;

    private final RegisterService registers;
    private final RegisterRows rows;
    private final RegisterFiles files;
    private final MinutesService minutes;
    private final Auditor auditor;

    RegisterController(
            RegisterService registers,
            RegisterRows rows,
            RegisterFiles files,
            MinutesService minutes,
            Auditor auditor) {
        this.auditor = auditor;
        this.registers = registers;
        this.rows = rows;
        this.files = files;
        this.minutes = minutes;
    }

    /**
     * A page of a register.
     *
     * @param next where the next page begins, or null where this is the last
     */
    record RegisterPage(List<RegisterRow> entries, @Nullable String next) {}

    /**
     * The lines of one kind on a roll-up page.
     *
     * @param more whether there are more than one page should hold
     */
    record RolledUp(LineKind kind, List<RegisterRow> entries, boolean more) {}

    @GetMapping("/api/registers")
    List<RegisterService.RegisterCount> counts(@AuthenticationPrincipal SignedIn who) {
        return registers.counts(who.teamId());
    }

    /** Who has actions to do, and how many. */
    @GetMapping("/api/register-owners")
    List<RegisterService.OwnerCount> owners(@AuthenticationPrincipal SignedIn who) {
        return registers.owners(who.teamId());
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
        RegisterService.Page page = registers.page(
                who.teamId(), new Wanted(kind, open, overdue, owner, series, List.of(), null, null, after));
        return new RegisterPage(rows.of(who.teamId(), page.entries()), page.next());
    }

    /**
     * Lines of several kinds on one page.
     *
     * @param facet what their folios have, such as {@code SERIES:Weekly status}; may be given several times
     */
    @GetMapping("/api/roll-up")
    List<RolledUp> rollUp(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam List<LineKind> kind,
            @RequestParam(defaultValue = "true") boolean open,
            @RequestParam(required = false) @Nullable List<String> facet,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to) {
        return kind.stream()
                .distinct()
                .map(k -> {
                    Wanted wanted =
                            new Wanted(k, open, false, null, null, facet == null ? List.of() : facet, from, to, null);
                    RegisterService.Page page = registers.atLeast(who.teamId(), wanted, MOST_ON_A_PAGE);
                    return new RolledUp(k, rows.of(who.teamId(), page.entries()), page.next() != null);
                })
                .toList();
    }

    /** How the lines of a folio stand that registers list. */
    @GetMapping("/api/folios/{number}/entries")
    List<RegisterRow> ofFolio(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        return rows.of(
                who.teamId(), registers.of(minutes.folio(who.teamId(), number).id()));
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
        String file = files.write(
                who.teamId(), new Wanted(kind, open, overdue, owner, series, List.of(), null, null, null), form);
        auditor.note(who, AuditKind.EXPORTED, "register of " + kind.name().toLowerCase(Locale.ROOT) + "s as " + form);
        return Downloads.of(kind.name().toLowerCase(Locale.ROOT) + "s." + form, file.getBytes(StandardCharsets.UTF_8));
    }
}
