package org.ledgerlamp.server.ledger;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.ledger.Facet.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the ledger, a page at a time, by key: however many folios there are, a page costs the same. */
@Service
@Transactional(readOnly = true)
class LedgerList {
    private static final int PAGE = 200;
    private static final int MOST_AT_ONCE = 20_000;
    private static final String BETWEEN = "\u001f";
    private static final int PARTS = 3;

    private final EntityManager entities;

    LedgerList(EntityManager entities) {
        this.entities = entities;
    }

    /**
     * Which folios are wanted.
     *
     * @param archived those that are archived, instead of those that are not
     * @param values what each of them is found by
     */
    record Wanted(boolean archived, List<Value> values) {}

    /**
     * In which order.
     *
     * @param by within a group, if there are groups
     */
    record Sorted(LedgerGroups groups, LedgerOrder by, boolean descending) {}

    /**
     * A page of the ledger.
     *
     * @param next where the next page begins, or null where this is the last
     */
    record Page(List<FolioCard> cards, @Nullable String next) {}

    Page page(UUID teamId, Wanted wanted, Sorted sorted, @Nullable String after) {
        List<Object> given = new ArrayList<>();
        StringBuilder query = new StringBuilder(fitting(teamId, wanted, given));
        String sort = "c." + sorted.by().column();
        String group =
                sorted.groups().column() == null ? null : "c." + sorted.groups().column();
        if (after != null) {
            Place place = Place.read(after);
            String further = sorted.descending() ? "<" : ">";
            String beyond = "(%1$s %2$s ? or %1$s = ? and c.folio %2$s ?)".formatted(sort, further);
            if (group == null) {
                query.append(" and ").append(beyond);
            } else {
                query.append(" and (%1$s > ? or %1$s = ? and %2$s)".formatted(group, beyond));
                given.addAll(List.of(place.group(), place.group()));
            }
            given.addAll(List.of(place.sorted(), place.sorted(), place.folio()));
        }
        String direction = sorted.descending() ? " desc" : "";
        query.append(" order by ")
                .append(group == null ? "" : group + ", ")
                .append(sort)
                .append(direction)
                .append(", c.folio")
                .append(direction);
        List<FolioCard> found = new ArrayList<>(read(query.toString(), given, PAGE + 1));
        if (found.size() <= PAGE) {
            return new Page(found, null);
        }
        found.removeLast();
        FolioCard last = found.getLast();
        return new Page(found, new Place(sorted.groups().of(last), sorted.by().of(last), last.folio()).written());
    }

    /** What is held in some days, earliest first. */
    List<FolioCard> between(UUID teamId, Wanted wanted, LocalDate first, LocalDate last) {
        List<Object> given = new ArrayList<>();
        String query = fitting(teamId, wanted, given) + " and c.held_on between ? and ? order by c.held_on, c.folio";
        given.addAll(List.of(first, last));
        return read(query, given, MOST_AT_ONCE);
    }

    /** All that fits, to be changed at once. */
    List<FolioCard> all(UUID teamId, Wanted wanted) {
        List<Object> given = new ArrayList<>();
        return read(fitting(teamId, wanted, given), given, MOST_AT_ONCE);
    }

    /** The beginning of every query of the list; what it is given is added, in order. */
    private static String fitting(UUID teamId, Wanted wanted, List<Object> given) {
        given.addAll(List.of(teamId, wanted.archived()));
        return "select c.* from folio_card c where c.team_id = ? and c.archived = ?"
                + FolioFacets.having("c.id", teamId, wanted.archived(), wanted.values(), given);
    }

    @SuppressWarnings("unchecked")
    private List<FolioCard> read(String query, List<Object> given, int most) {
        Query wanted = entities.createNativeQuery(query, FolioCard.class).setMaxResults(most);
        for (int i = 0; i < given.size(); i++) {
            wanted.setParameter(i + 1, given.get(i));
        }
        return wanted.getResultList();
    }

    /** Where a page ends. */
    private record Place(String group, String sorted, int folio) {
        /** @throws Refusal where it is none */
        static Place read(String written) {
            try {
                String[] parts = new String(Base64.getUrlDecoder().decode(written), StandardCharsets.UTF_8)
                        .split(BETWEEN, PARTS);
                return new Place(parts[0], parts[1], Integer.parseInt(parts[2]));
            } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
                throw Refusal.invalid("“" + written + "” is no place in the ledger.");
            }
        }

        String written() {
            return Base64.getUrlEncoder()
                    .withoutPadding()
                    .encodeToString((group + BETWEEN + sorted + BETWEEN + folio).getBytes(StandardCharsets.UTF_8));
        }
    }
}
