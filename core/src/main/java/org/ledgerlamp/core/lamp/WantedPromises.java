package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.people.Person;

/** Chooses among the actions of a ledger those a question is after: whose, by when, about what, and whether still open. */
public final class WantedPromises {
    /** The share of the subject that an action's words hold. */
    private static final double ABOUT = 0.5;

    /** What is open first; then the latest day, the latest recorded. */
    private static final Comparator<Promise> ORDER = Comparator.comparing((Promise p) -> !p.isOpen())
            .thenComparing(p -> p.line().due(), Comparator.nullsLast(Comparator.reverseOrder()))
            .thenComparing(Promise::recordedOn, Comparator.reverseOrder())
            .thenComparing(p -> p.line().id());

    private WantedPromises() {}

    /**
     * The actions that are wanted, in order.
     *
     * @param today the day of asking
     * @param most how many at most
     */
    public static List<Promise> among(
            Stream<Promise> promises, Wanted wanted, Sought sought, LocalDate today, int most) {
        Set<String> owners = wanted.people().stream().map(Person::name).collect(Collectors.toSet());
        return promises.filter(p -> owners.isEmpty()
                        || p.line().owner() != null && owners.contains(p.line().owner()))
                .filter(p -> !wanted.onlyOverdue() || p.isOverdue(today))
                .filter(p -> !wanted.onlyOpen() || p.isOpen())
                .filter(p -> wanted.period() == null || wanted.onlyOverdue() || isIn(wanted.period(), p))
                .filter(p -> isAbout(sought, p))
                .sorted(ORDER)
                .limit(most)
                .toList();
    }

    private static boolean isIn(Period period, Promise promise) {
        LocalDate due = promise.line().due();
        return period.holds(due != null ? due : promise.recordedOn());
    }

    private static boolean isAbout(Sought sought, Promise promise) {
        Set<String> words = Stems.of(
                promise.line().text() + " " + String.join(" ", promise.line().quotes()));
        Sought subject = sought.withoutPeople();
        double all = subject.weight();
        return all == 0 || subject.held(t -> t.isIn(words) ? 1 : 0) / all >= ABOUT;
    }
}
