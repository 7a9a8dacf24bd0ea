package org.ledgerlamp.server.portraits;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One series across the ledger, over HTTP. What it left open and what it decided the registers list. */
@RestController
@Transactional(readOnly = true)
class SeriesController {
    private static final int MOST_OCCURRENCES = 60;
    private static final int MOST_IN_GRID = 12;

    private final EntityManager entities;

    SeriesController(EntityManager entities) {
        this.entities = entities;
    }

    /**
     * A meeting of the series.
     *
     * @param folio its folio, or null while there are no filed minutes
     */
    record Occurrence(UUID meetingId, @Nullable Integer folio, String title, LocalDate date, boolean calledOff) {}

    /** Somebody, and at which of the grid's folios they were: true, false, or null where neither there nor expected. */
    record GridRow(@Nullable UUID personId, String name, List<@Nullable Boolean> present) {}

    /**
     * The series.
     *
     * @param occurrences latest first
     * @param grid the folios whose attendance is shown, earliest first
     * @param attendance whoever was there most often first
     */
    record SeriesPortrait(String name, List<Occurrence> occurrences, List<Integer> grid, List<GridRow> attendance) {}

    private record There(int folio, UUID personId, String name, @Nullable Boolean present) {}

    @GetMapping("/api/series")
    SeriesPortrait of(@AuthenticationPrincipal SignedIn who, @RequestParam String name) {
        List<Occurrence> occurrences = entities.createQuery(
                        "select new org.ledgerlamp.server.portraits.SeriesController$Occurrence(g.id, m.folio, g.title,"
                                + " g.date, g.calledOff) from Meeting g left join Minutes m on m.meeting = g"
                                + " where g.teamId = :team and g.series = :series order by g.date desc, g.start desc",
                        Occurrence.class)
                .setParameter("team", who.teamId())
                .setParameter("series", name)
                .setMaxResults(MOST_OCCURRENCES)
                .getResultList();
        if (occurrences.isEmpty()) {
            throw Refusal.notFound("series");
        }
        List<Integer> grid = new ArrayList<>(occurrences.stream()
                        .map(Occurrence::folio)
                        .filter(f -> f != null)
                        .limit(MOST_IN_GRID)
                        .toList())
                .reversed();
        return new SeriesPortrait(name, occurrences, grid, attendance(who.teamId(), grid));
    }

    private List<GridRow> attendance(UUID teamId, List<Integer> grid) {
        if (grid.isEmpty()) {
            return List.of();
        }
        List<There> all = entities.createQuery(
                        "select new org.ledgerlamp.server.portraits.SeriesController$There(m.folio, a.personId, a.name,"
                                + " a.present) from Attendance a, Minutes m where a.minutesId = m.id"
                                + " and m.teamId = :team and m.folio in :folios order by a.name",
                        There.class)
                .setParameter("team", teamId)
                .setParameter("folios", grid)
                .getResultList();
        Map<String, Map<Integer, There>> byName = new LinkedHashMap<>();
        all.forEach(t -> byName.computeIfAbsent(t.name(), n -> new HashMap<>()).put(t.folio(), t));
        List<GridRow> rows = new ArrayList<>();
        byName.forEach((name, at) -> {
            List<Boolean> present = new ArrayList<>();
            grid.forEach(
                    folio -> present.add(at.containsKey(folio) ? at.get(folio).present() : null));
            rows.add(new GridRow(at.values().iterator().next().personId(), name, present));
        });
        rows.sort((a, b) -> Long.compare(there(b), there(a)));
        return rows;
    }

    private static long there(GridRow row) {
        return row.present().stream().filter(Boolean.TRUE::equals).count();
    }
}
