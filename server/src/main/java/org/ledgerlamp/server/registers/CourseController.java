package org.ledgerlamp.server.registers;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.Act;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.links.LineLink;
import org.ledgerlamp.server.links.LinkEffect;
import org.ledgerlamp.server.links.LinkService;
import org.ledgerlamp.server.minutes.Basis;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The course of a line of record over HTTP: what was recorded, said of it and done about it, in order. */
@RestController
@Transactional(readOnly = true)
class CourseController {
    private final MinutesService minutes;
    private final ActService acts;
    private final LinkService links;
    private final AccessService access;

    CourseController(MinutesService minutes, ActService acts, LinkService links, AccessService access) {
        this.minutes = minutes;
        this.acts = acts;
        this.links = links;
        this.access = access;
    }

    /**
     * A step of the course: either something said in a folio, or something done by a member.
     *
     * @param folio the folio that says it, or null
     * @param effect what it says, or null
     * @param state whether a person confirmed that it says so, or null
     * @param act what was done, or null
     * @param by who did it, or null
     * @param due the new day, or null
     * @param ownerId who has it from then on, or null
     * @param words the words that say it
     */
    record CourseStep(
            LocalDate date,
            @Nullable Integer folio,
            @Nullable LinkEffect effect,
            @Nullable LineState state,
            @Nullable ActKind act,
            @Nullable String by,
            @Nullable LocalDate due,
            @Nullable UUID ownerId,
            List<String> words) {}

    @GetMapping("/api/lines/{id}/course")
    List<CourseStep> course(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        MinutesLine line = minutes.line(who.teamId(), id);
        Minutes of = minutes.one(who.teamId(), line.minutesId());
        Map<UUID, String> names = access.memberNames(who.teamId());
        List<CourseStep> steps = new ArrayList<>();
        for (Act act : acts.course(who.teamId(), id).acts()) {
            steps.add(new CourseStep(
                    act.doneOn(),
                    null,
                    null,
                    null,
                    act.kind(),
                    names.get(act.memberId()),
                    act.due(),
                    act.ownerId(),
                    List.of()));
        }
        List<LineLink> said = links.after(who.teamId(), List.of(id)).getOrDefault(id, List.of());
        Map<UUID, Minutes> folios = links.foliosOf(who.teamId(), said);
        said.stream().filter(l -> folios.containsKey(l.laterMinutes())).forEach(l -> {
            Minutes later = folios.get(l.laterMinutes());
            steps.add(new CourseStep(
                    later.meeting().date(),
                    later.folio(),
                    l.effect(),
                    l.state(),
                    null,
                    null,
                    l.due(),
                    l.ownerId(),
                    l.evidence().stream().map(Basis::quote).toList()));
        });
        steps.sort(Comparator.comparing(CourseStep::date)
                .thenComparing(s -> s.folio() == null ? Integer.MAX_VALUE : s.folio()));
        steps.addFirst(new CourseStep(
                of.meeting().date(),
                of.folio(),
                null,
                line.state(),
                null,
                null,
                line.due(),
                line.ownerId(),
                line.evidence().stream().map(Basis::quote).toList()));
        return steps;
    }
}
