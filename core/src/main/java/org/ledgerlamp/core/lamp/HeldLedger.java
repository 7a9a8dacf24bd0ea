package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ledgerlamp.core.ledger.Course;
import org.ledgerlamp.core.ledger.DecisionLink;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.LedgerWalk;
import org.ledgerlamp.core.ledger.Recall;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.people.Person;

/** A ledger that is held in memory whole: a folder of meetings. */
public final class HeldLedger implements LedgerView {
    private final List<LampMeeting> meetings;
    private final Map<String, LampMeeting> byId = new HashMap<>();
    private final LedgerWords words;
    private final List<Person> people;
    private final LedgerWalk walk = new LedgerWalk();

    /** Files meetings in order of their days. */
    public HeldLedger(List<LampMeeting> meetings) {
        this.meetings = meetings.stream()
                .sorted(Comparator.comparing(m -> m.filed().date()))
                .toList();
        Map<String, Person> everybody = new LinkedHashMap<>();
        for (LampMeeting meeting : this.meetings) {
            walk.file(meeting.filed());
            byId.put(meeting.id(), meeting);
            meeting.roster().forEach(p -> everybody.putIfAbsent(p.name(), p));
        }
        people = List.copyOf(everybody.values());
        words = CountedWords.of(this.meetings);
    }

    /** How its meetings hang together. */
    public LedgerWalk walk() {
        return walk;
    }

    @Override
    public LedgerWords words() {
        return words;
    }

    @Override
    public List<Person> people() {
        return people;
    }

    @Override
    public List<LampMeeting> likely(Sought sought, Wanted wanted, int most) {
        return meetings.size() <= most ? meetings : likeliest(sought, most);
    }

    private List<LampMeeting> likeliest(Sought sought, int most) {
        return meetings.stream()
                .sorted(Comparator.comparingDouble((LampMeeting m) -> -held(sought, m)))
                .limit(most)
                .toList();
    }

    private static double held(Sought sought, LampMeeting meeting) {
        TalkLens lens = new TalkLens(meeting);
        double best = 0;
        for (int n = 0; n < lens.size(); n++) {
            best = Math.max(best, lens.about(sought, n));
        }
        return best;
    }

    @Override
    public List<LampMeeting> held(Period period, String names, int most) {
        Set<String> wanted = names == null ? Set.of() : Stems.of(names);
        List<LampMeeting> held = meetings.stream()
                .filter(m -> period == null || period.holds(m.filed().date()))
                .filter(m -> Stems.of(m.names()).containsAll(wanted))
                .toList();
        return held.subList(Math.max(0, held.size() - most), held.size());
    }

    @Override
    public List<Promise> promises(Wanted wanted, Sought sought, LocalDate today, int most) {
        return WantedPromises.among(walk.courses().stream().map(this::promise), wanted, sought, today, most);
    }

    private Promise promise(Course course) {
        FiledLine line = course.line();
        Citation last = null;
        for (Course.Step step : course.steps()) {
            Recall recall = step.recall();
            line = new FiledLine(
                    line.id(),
                    line.kind(),
                    line.text(),
                    recall.owner() == null ? line.owner() : recall.owner(),
                    recall.due() == null ? line.due() : recall.due(),
                    line.certainty(),
                    line.passage(),
                    line.quotes());
            last = new Citation(step.meeting(), null, recall.passage(), recall.quote());
        }
        LocalDate recordedOn = byId.get(course.meeting()).filed().date();
        return new Promise(course.meeting(), recordedOn, line, course.outcome().orElse(null), last);
    }

    @Override
    public List<Change> changes(Period period, int most) {
        return changes()
                .filter(c -> period == null || period.holds(c.day()))
                .limit(most)
                .toList();
    }

    @Override
    public Optional<Change> changed(String meeting, String line) {
        return changes()
                .filter(c ->
                        c.earlierMeeting().equals(meeting) && c.earlier().id().equals(line))
                .findFirst();
    }

    private Stream<Change> changes() {
        return walk.links().stream()
                .filter(l -> l.effect() != DecisionLink.Effect.CONFIRMS)
                .map(l -> new Change(
                        l.meeting(),
                        byId.get(l.meeting()).filed().date(),
                        l.later(),
                        l.earlier().meeting(),
                        l.earlier().line()));
    }

    /** The day of the latest meeting. */
    public LocalDate latest() {
        return meetings.isEmpty() ? LocalDate.EPOCH : meetings.getLast().filed().date();
    }
}
