package org.ledgerlamp.server.lamp;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.ledgerlamp.core.lamp.Period;
import org.ledgerlamp.core.lamp.WordSearch.Narrowing;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.server.lamp.Placed.Somebody;
import org.ledgerlamp.server.ledger.FoundFolios;
import org.ledgerlamp.server.ledger.FoundFolios.Archived;
import org.ledgerlamp.server.ledger.FoundFolios.Bearing;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Component;

/** Reads what a search is narrowed to against what the team has: its people, its series and labels, its days. */
@Component
class SearchNarrowing {
    private final FoundFolios folios;
    private final RosterService roster;
    private final Clock clock;

    SearchNarrowing(FoundFolios folios, RosterService roster, Clock clock) {
        this.folios = folios;
        this.roster = roster;
        this.clock = clock;
    }

    /**
     * What was read.
     *
     * @param unknown those that mean nothing here: nobody of that name, no such kind, no days
     */
    record Read(Placed placed, Set<Narrowing> unknown) {}

    Read read(UUID teamId, List<Narrowing> narrowings) {
        Set<Narrowing> unknown = new LinkedHashSet<>();
        Set<PlaceKind> kinds = EnumSet.noneOf(PlaceKind.class);
        List<UUID> owners = new ArrayList<>();
        List<Somebody> people = new ArrayList<>();
        Map<Bearing, List<String>> borne = new EnumMap<>(Bearing.class);
        Archived archived = Archived.WITHOUT;
        LocalDate from = null;
        LocalDate to = null;
        Integer only = null;
        for (Narrowing n : narrowings) {
            boolean known = true;
            switch (n.by()) {
                case KIND -> {
                    Optional<PlaceKind> kind = PlaceKind.named(n.value());
                    kind.ifPresent(kinds::add);
                    known = kind.isPresent();
                }
                case OWNER -> {
                    List<Somebody> meant = somebody(teamId, n.value());
                    meant.forEach(s -> owners.add(s.id()));
                    known = !meant.isEmpty();
                }
                case PERSON -> {
                    List<Somebody> meant = somebody(teamId, n.value());
                    people.addAll(meant);
                    known = !meant.isEmpty();
                }
                case WHEN -> {
                    Optional<Period> period = Period.named(n.value(), LocalDate.now(clock));
                    if (period.isPresent()) {
                        from = later(from, period.get().from());
                        to = earlier(to, period.get().to());
                    }
                    known = period.isPresent();
                }
                case FOLIO -> {
                    known = n.value().matches("[1-9]\\d{0,8}");
                    only = known ? Integer.valueOf(n.value()) : only;
                }
                case ARCHIVED -> {
                    String value = n.value().toLowerCase(Locale.ROOT);
                    archived = value.equals("yes") ? Archived.WITH : value.equals("only") ? Archived.ONLY : archived;
                    known = Set.of("yes", "no", "only").contains(value);
                }
                default ->
                    borne.computeIfAbsent(Bearing.valueOf(n.by().name()), b -> new ArrayList<>())
                            .add(n.value());
            }
            if (!known) {
                unknown.add(n);
            }
        }
        FoundFolios.Wanted wanted = new FoundFolios.Wanted(archived, borne, from, to, only);
        if (!unknown.isEmpty()) {
            return new Read(new Placed(teamId, List.of(), List.of(), kinds, owners, people), unknown);
        }
        // Of a large ledger little is archived: naming that is less than naming all else.
        List<Integer> without = wanted.isAllButArchived() ? folios.archived(teamId) : List.of();
        List<Integer> numbers =
                wanted.isAnything() || wanted.isAllButArchived() ? null : folios.numbers(teamId, wanted);
        return new Read(new Placed(teamId, numbers, without, kinds, owners, people), unknown);
    }

    private static LocalDate later(LocalDate a, LocalDate b) {
        return a == null || b.isAfter(a) ? b : a;
    }

    private static LocalDate earlier(LocalDate a, LocalDate b) {
        return a == null || b.isBefore(a) ? b : a;
    }

    /** Everybody who may be called so. */
    private List<Somebody> somebody(UUID teamId, String called) {
        List<RosterPerson> everybody = roster.everybody(teamId);
        Roster known = new Roster(everybody.stream().map(RosterPerson::person).toList());
        List<Person> meant = known.candidates(called);
        return everybody.stream()
                .filter(p -> meant.contains(p.person()))
                .map(p -> new Somebody(p.id(), names(p.person(), known)))
                .toList();
    }

    /** Under which somebody speaks: by first name alone where nobody else has it. */
    private static List<String> names(Person person, Roster known) {
        List<String> names = new ArrayList<>(person.aliases());
        names.add(person.name());
        if (known.candidates(person.firstName()).size() == 1) {
            names.add(person.firstName());
        }
        return names;
    }
}
