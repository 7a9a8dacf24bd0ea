package org.ledgerlamp.server.lamp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.Change;
import org.ledgerlamp.core.lamp.Citation;
import org.ledgerlamp.core.lamp.CountedWords;
import org.ledgerlamp.core.lamp.LampMeeting;
import org.ledgerlamp.core.lamp.LedgerView;
import org.ledgerlamp.core.lamp.LedgerWords;
import org.ledgerlamp.core.lamp.Period;
import org.ledgerlamp.core.lamp.Promise;
import org.ledgerlamp.core.lamp.Sought;
import org.ledgerlamp.core.lamp.Wanted;
import org.ledgerlamp.core.lamp.WantedPromises;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.Outcome;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.links.LineLink;
import org.ledgerlamp.server.links.TeamWords;
import org.ledgerlamp.server.minutes.FiledMeetings;
import org.ledgerlamp.server.minutes.FiledMeetings.LitFolio;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.registers.RegisterEntry;

/** What a question sees of a team's ledger. Made for one question: what it has read it does not read again. */
final class TeamLedger implements LedgerView {
    private static final LocalDate FIRST = LocalDate.of(1, 1, 1);
    private static final LocalDate LAST = LocalDate.of(9999, 12, 31);
    /** Folios whose names are looked at where a meeting is named. */
    private static final int MOST_NAMED = 500;

    private static final int MOST_ACTIONS = 400;

    private final UUID teamId;
    private final LedgerDesk desk;
    private final Map<UUID, LitFolio> read = new HashMap<>();
    /** The folios that are asked, or null for all. */
    private final @Nullable Map<Integer, Minutes> asked;

    private @Nullable LedgerWords words;

    /** @throws Refusal where the one folio that is asked does not exist */
    TeamLedger(UUID teamId, LedgerDesk desk, Scope scope) {
        this.teamId = teamId;
        this.desk = desk;
        this.asked = scope.isLedger()
                ? null
                : (scope.folio() != null
                                ? List.of(desk.minutes().folio(teamId, scope.folio()))
                                : desk.minutes().foliosOfSeries(teamId, Objects.requireNonNull(scope.series())))
                        .stream()
                                .collect(Collectors.toMap(
                                        Minutes::folio, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    private boolean isAsked(int folio) {
        return asked == null || asked.containsKey(folio);
    }

    /** A folio that was read for the answer, by the id of its minutes; null where it was not. */
    @Nullable
    LitFolio read(UUID minutesId) {
        return read.get(minutesId);
    }

    @Override
    public LedgerWords words() {
        if (words == null) {
            TeamWords.Counted counted = desk.words().counted(teamId);
            words = new CountedWords(counted.passages(), counted.passagesWith());
        }
        return words;
    }

    @Override
    public List<Person> people() {
        return desk.roster().roster(teamId).people();
    }

    @Override
    public List<LampMeeting> likely(Sought sought, Wanted wanted, int most) {
        List<Integer> numbers = desk.likely().of(teamId, sought, asked == null ? null : asked.keySet(), most);
        List<Minutes> folios = new ArrayList<>(desk.minutes().folios(teamId, numbers));
        if (numbers.isEmpty()) {
            folios.addAll(between(wanted.period(), most));
        }
        return lit(folios);
    }

    @Override
    public List<LampMeeting> held(@Nullable Period period, @Nullable String names, int most) {
        Set<String> wanted = names == null ? Set.of() : Stems.of(names);
        List<Minutes> folios = between(period, wanted.isEmpty() ? most : MOST_NAMED).stream()
                .filter(m -> Stems.of(LampMeeting.names(
                                m.meeting().title(),
                                m.meeting().series(),
                                m.meeting().kind()))
                        .containsAll(wanted))
                .limit(most)
                .toList();
        return lit(folios.reversed());
    }

    private List<Minutes> between(@Nullable Period period, int most) {
        if (asked != null) {
            return asked.values().stream()
                    .filter(m -> period == null || period.holds(m.meeting().date()))
                    .sorted(Comparator.comparing((Minutes m) -> m.meeting().date())
                            .thenComparing(Minutes::folio)
                            .reversed())
                    .limit(most)
                    .toList();
        }
        return desk.filed()
                .heldBetween(teamId, period == null ? FIRST : period.from(), period == null ? LAST : period.to(), most);
    }

    private List<LampMeeting> lit(Collection<Minutes> folios) {
        List<Minutes> unread =
                folios.stream().filter(m -> !read.containsKey(m.id())).toList();
        desk.filed()
                .lit(teamId, unread)
                .forEach(lit -> read.put(UUID.fromString(lit.meeting().id()), lit));
        return folios.stream().map(m -> read.get(m.id()).meeting()).toList();
    }

    @Override
    public List<Promise> promises(Wanted wanted, Sought sought, LocalDate today, int most) {
        Map<UUID, String> names = desk.roster().names(teamId);
        List<UUID> owners = names.entrySet().stream()
                .filter(e -> wanted.people().stream().anyMatch(p -> p.name().equals(e.getValue())))
                .map(Map.Entry::getKey)
                .toList();
        List<RegisterEntry> entries =
                desk.actions().of(teamId, owners, wanted.onlyOpen(), wanted.onlyOverdue(), MOST_ACTIONS).stream()
                        .filter(e -> isAsked(e.folio()))
                        .toList();
        Map<UUID, List<LineLink>> later = desk.links()
                .after(teamId, entries.stream().map(RegisterEntry::id).toList());
        Stream<Promise> promises =
                entries.stream().map(e -> promise(e, names, within(later.getOrDefault(e.id(), List.of()))));
        return WantedPromises.among(promises, wanted, sought, today, most);
    }

    /** What is asked is not told from elsewhere. */
    private List<LineLink> within(List<LineLink> later) {
        return asked == null
                ? later
                : later.stream()
                        .filter(l -> asked.values().stream().anyMatch(m -> m.id().equals(l.laterMinutes())))
                        .toList();
    }

    private static Promise promise(RegisterEntry entry, Map<UUID, String> names, List<LineLink> later) {
        FiledLine line = new FiledLine(
                entry.id().toString(),
                Kind.ACTION,
                entry.text(),
                entry.ownerId() == null ? null : names.get(entry.ownerId()),
                entry.due(),
                1,
                -1,
                List.of());
        LineLink last = later.isEmpty() ? null : later.getLast();
        return new Promise(
                entry.minutesId().toString(),
                entry.heldOn(),
                line,
                outcome(entry, last),
                last == null || last.evidence().isEmpty()
                        ? null
                        : new Citation(
                                last.laterMinutes().toString(),
                                null,
                                -1,
                                last.evidence().getFirst().quote()));
    }

    /** What a member did about it tells before what was heard of it. */
    private static @Nullable Outcome outcome(RegisterEntry entry, @Nullable LineLink last) {
        return switch (entry.standing()) {
            case DONE -> Outcome.DONE;
            case DROPPED -> Outcome.DROPPED;
            case CONTINUED -> Outcome.SPOKEN_OF;
            default ->
                last == null
                        ? null
                        : switch (last.effect()) {
                            case PARTLY -> Outcome.PARTLY;
                            case SLIPPED -> Outcome.SLIPPED;
                            case HANDED_OVER -> Outcome.HANDED_OVER;
                            default -> Outcome.SPOKEN_OF;
                        };
        };
    }

    @Override
    public List<Change> changes(@Nullable Period period, int most) {
        List<LineLink> changes = desk.links()
                .changes(teamId, period == null ? FIRST : period.from(), period == null ? LAST : period.to(), most);
        Map<UUID, MinutesLine> lines = desk
                .minutes()
                .linesOfRecord(
                        teamId,
                        changes.stream()
                                .flatMap(l -> Stream.of(l.earlierLine(), l.laterLine()))
                                .filter(Objects::nonNull)
                                .collect(Collectors.toSet()))
                .stream()
                .collect(Collectors.toMap(MinutesLine::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        Map<UUID, Minutes> folios = desk.links().foliosOf(teamId, changes);
        Map<UUID, String> names = desk.roster().names(teamId);
        return changes.stream()
                .filter(l -> lines.containsKey(l.earlierLine())
                        && lines.containsKey(l.laterLine())
                        && folios.containsKey(l.laterMinutes())
                        && isAsked(folios.get(l.laterMinutes()).folio()))
                .map(l -> new Change(
                        l.laterMinutes().toString(),
                        folios.get(l.laterMinutes()).meeting().date(),
                        FiledMeetings.withoutTalk(lines.get(l.laterLine()), names),
                        lines.get(l.earlierLine()).minutesId().toString(),
                        FiledMeetings.withoutTalk(lines.get(l.earlierLine()), names)))
                .toList();
    }
}
