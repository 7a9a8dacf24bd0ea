package org.ledgerlamp.server.registers;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.ledgerlamp.core.exchange.ActionsFile;
import org.ledgerlamp.core.exchange.CsvTable;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.acts.Course;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.registers.RegisterService.Wanted;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes registers for other programs, all that is shown of one. */
@Service
@Transactional(readOnly = true)
class RegisterFiles {
    /** What a register can be written as. */
    enum Form {
        csv,
        /** Tasks of iCalendar: actions alone. */
        ics
    }

    private static final int MOST = 50_000;
    private static final List<String> HEAD =
            List.of("number", "text", "owner", "due", "standing", "contested", "series", "date");

    private final RegisterService registers;
    private final RosterService roster;
    private final ActService acts;

    RegisterFiles(RegisterService registers, RosterService roster, ActService acts) {
        this.registers = registers;
        this.roster = roster;
        this.acts = acts;
    }

    /** @throws Refusal where what is no action is to be written as tasks, or there is more than one file should hold */
    String write(UUID teamId, Wanted wanted, Form form) {
        if (form == Form.ics && wanted.kind() != LineKind.ACTION) {
            throw Refusal.invalid("Only actions can be written as tasks.");
        }
        List<RegisterEntry> entries = all(teamId, wanted);
        Map<UUID, String> names = roster.names(teamId);
        return form == Form.csv ? table(entries, names) : tasks(teamId, entries, names);
    }

    private List<RegisterEntry> all(UUID teamId, Wanted wanted) {
        RegisterService.Page page = registers.atLeast(teamId, wanted, MOST + 1);
        if (page.next() != null) {
            throw Refusal.conflict("That is more than " + MOST + " entries: narrow it down first.");
        }
        return page.entries();
    }

    private static String table(List<RegisterEntry> entries, Map<UUID, String> names) {
        return CsvTable.write(
                HEAD,
                entries.stream()
                        .map(e -> Arrays.<Object>asList(
                                e.folio() + "." + e.number(),
                                e.text(),
                                owner(e, names),
                                e.due(),
                                e.standing().name().toLowerCase(Locale.ROOT),
                                e.isContested() ? "contested" : null,
                                e.series(),
                                e.heldOn()))
                        .toList());
    }

    private String tasks(UUID teamId, List<RegisterEntry> entries, Map<UUID, String> names) {
        Map<UUID, Course> courses = entries.isEmpty()
                ? Map.of()
                : acts.courses(teamId, entries.stream().map(RegisterEntry::id).toList());
        return ActionsFile.calendar(entries.stream()
                .map(e -> {
                    Course course = courses.getOrDefault(e.id(), Course.NONE);
                    return new ActionsFile.Action(
                            e.id() + "@ledger-lamp",
                            e.folio() + "." + e.number(),
                            e.text(),
                            owner(e, names),
                            e.due(),
                            course.isOpen() ? null : course.last().doneOn(),
                            Optional.ofNullable(e.series()).orElse("folio " + e.folio()),
                            e.heldOn());
                })
                .toList());
    }

    private static String owner(RegisterEntry entry, Map<UUID, String> names) {
        return entry.ownerId() == null ? null : names.get(entry.ownerId());
    }
}
