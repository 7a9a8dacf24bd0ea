package org.ledgerlamp.server.minutes;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Counts what a folio holds. */
@Component
@Transactional(readOnly = true)
public class FolioFigures {
    private final Lines lines;
    private final Attendances attendances;

    FolioFigures(Lines lines, Attendances attendances) {
        this.lines = lines;
        this.attendances = attendances;
    }

    /**
     * What a folio holds.
     *
     * @param decisions lines of record that are decisions
     * @param actions lines of record that are actions
     * @param present how many attended
     * @param people those of them who are on the roster
     */
    public record Held(int decisions, int actions, int present, Set<UUID> people) {}

    public Held of(Minutes folio) {
        List<MinutesLine> page = lines.findByMinutesIdOrderByPosition(folio.id()).stream()
                .filter(l -> l.folio() != null)
                .toList();
        List<Attendance> there = attendances.findByMinutesIdOrderByPosition(folio.id()).stream()
                .filter(Attendance::isPresent)
                .toList();
        return new Held(
                (int) page.stream().filter(l -> l.kind() == LineKind.DECISION).count(),
                (int) page.stream().filter(l -> l.kind() == LineKind.ACTION).count(),
                there.size(),
                there.stream()
                        .map(Attendance::personId)
                        .filter(Objects::nonNull)
                        .collect(Collectors.toSet()));
    }
}
