package org.ledgerlamp.server.asking;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
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

    /** Reference notes read for one question. */
    private static final int MOST_NOTES = 6;

    private final UUID teamId;
    private final LedgerDesk desk;
    private final Scope scope;
    private final Map<UUID, LitFolio> read = new HashMap<>();
    /** The minutes that are asked by their ids, the latest meeting first; or null for all that are filed. */
    private final @Nullable Map<UUID, Minutes> asked;

    private @Nullable LedgerWords words;

    /** @throws Refusal where the one folio or draft that is asked does not exist */
    TeamLedger(UUID teamId, LedgerDesk desk, Scope scope) {
        this.teamId = teamId;
        this.desk = desk;
        this.scope = scope;
        this.asked = scope.isEveryMeeting()
                ? null
                : part(scope).stream()
                        .sorted(Comparator.comparing((Minutes m) -> m.meeting().date())
                                .reversed())
                        .collect(Collectors.toMap(Minutes::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    private List<Minutes> part(Scope scope) {
        if (scope.folio() != null) {
            return List.of(desk.minutes().folio(teamId, scope.folio()));
        }
        if (scope.draft() != null) {
            return List.of(desk.minutes().one(teamId, scope.draft()));
        }
        return scope.series() != null
                ? desk.minutes().foliosOfSeries(teamId, scope.series())
                : desk.minutes()
                        .folios(teamId, desk.covers().inCollection(teamId, Objects.requireNonNull(scope.collection())));
    }

    private boolean isAsked(UUID minutesId) {
        return asked == null || asked.containsKey(minutesId);
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
        List<LampMeeting> meetings = new ArrayList<>(lit(likelyFolios(sought, wanted, most)));
        if (scope.withNotes()) {
            List<Person> people = people();
            desk.notes()
                    .numbered(teamId, desk.likely().notes(teamId, sought, MOST_NOTES))
                    .forEach(note -> meetings.add(desk.notes().lit(note, people)));
        }
        return meetings;
    }

    private List<Minutes> likelyFolios(Sought sought, Wanted wanted, int most) {
        if (asked != null && asked.size() <= most) {
            return List.copyOf(asked.values());
        }
        List<Integer> among = asked == null
                ? null
                : asked.values().stream().map(Minutes::folio).toList();
        List<Integer> numbers = desk.likely().of(teamId, sought, among, most);
        return numbers.isEmpty()
                ? between(wanted.period(), most)
                : desk.minutes().folios(teamId, numbers);
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
        return scope.draft() == null ? desk.filed().inShort(teamId, folios.reversed()) : lit(folios.reversed());
    }

    private List<Minutes> between(@Nullable Period period, int most) {
        if (asked != null) {
            return asked.values().stream()
                    .filter(m -> period == null || period.holds(m.meeting().date()))
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
        if (scope.draft() != null) {
            return WantedPromises.among(ofDraft(), wanted, sought, today, most);
        }
        Map<UUID, String> names = desk.roster().names(teamId);
        List<UUID> owners = names.entrySet().stream()
                .filter(e -> wanted.people().stream().anyMatch(p -> p.name().equals(e.getValue())))
                .map(Map.Entry::getKey)
                .toList();
        List<RegisterEntry> entries =
                desk.actions().of(teamId, owners, wanted.onlyOpen(), wanted.onlyOverdue(), MOST_ACTIONS).stream()
                        .filter(e -> isAsked(e.minutesId()))
                        .toList();
        Map<UUID, List<LineLink>> later = desk.links()
                .after(teamId, entries.stream().map(RegisterEntry::id).toList());
        Stream<Promise> promises =
                entries.stream().map(e -> promise(e, names, within(later.getOrDefault(e.id(), List.of()))));
        return WantedPromises.among(promises, wanted, sought, today, most);
    }

    /** What is asked is not told from elsewhere. */
    private List<LineLink> within(List<LineLink> later) {
        return later.stream().filter(l -> isAsked(l.laterMinutes())).toList();
    }

    /** A draft's actions are in no register yet. */
    private Stream<Promise> ofDraft() {
        return held(null, null, 1).stream().flatMap(m -> m.filed().lines().stream()
                .filter(l -> l.kind() == Kind.ACTION)
                .map(l -> new Promise(m.id(), m.filed().date(), l, null, null)));
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
        return told(desk.links()
                .changes(teamId, period == null ? FIRST : period.from(), period == null ? LAST : period.to(), most));
    }

    @Override
    public Optional<Change> changed(String meeting, String line) {
        UUID id = UUID.fromString(line);
        List<LineLink> later = desk.links().after(teamId, List.of(id)).getOrDefault(id, List.of()).stream()
                .filter(LineLink::isChange)
                .toList();
        return told(later).stream().findFirst();
    }

    private List<Change> told(List<LineLink> changes) {
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
                        && isAsked(l.laterMinutes()))
                .map(l -> new Change(
                        l.laterMinutes().toString(),
                        folios.get(l.laterMinutes()).meeting().date(),
                        FiledMeetings.withoutTalk(lines.get(l.laterLine()), names),
                        lines.get(l.earlierLine()).minutesId().toString(),
                        FiledMeetings.withoutTalk(lines.get(l.earlierLine()), names)))
                .toList();
    }
}
