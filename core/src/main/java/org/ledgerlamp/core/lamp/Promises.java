package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.people.Person;

/** Who owes what: the actions of the ledger by owner, day and standing. */
final class Promises implements Composer {
    private static final int MOST = 8;
    private static final double ABOUT = 0.5;

    @Override
    public List<Statement> compose(Asked asked) {
        Wanted wanted = asked.wanted();
        Stream<Promise> promises = asked.ledger().promises().stream();
        if (!wanted.people().isEmpty()) {
            Set<String> names =
                    Set.copyOf(wanted.people().stream().map(Person::name).toList());
            promises = promises.filter(
                    p -> p.line().owner() != null && names.contains(p.line().owner()));
        }
        if (wanted.onlyOverdue()) {
            promises = promises.filter(p -> p.isOverdue(asked.today()));
        } else if (wanted.onlyOpen()) {
            promises = promises.filter(Promise::isOpen);
        }
        if (wanted.period() != null && !wanted.onlyOverdue()) {
            promises = promises.filter(p -> isIn(wanted.period(), p));
        }
        if (!asked.sought().terms().isEmpty() && !wanted.about().isBlank()) {
            promises = promises.filter(p -> isAbout(asked.sought(), p));
        }
        return promises.sorted(Comparator.comparing((Promise p) -> !p.isOpen())
                        .thenComparing(p -> p.line().due(), Comparator.nullsLast(Comparator.reverseOrder()))
                        .thenComparing(p -> p.meeting().filed().date(), Comparator.reverseOrder()))
                .limit(MOST)
                .map(p -> statement(p, asked.today()))
                .toList();
    }

    private static boolean isIn(Period period, Promise promise) {
        LocalDate due = promise.line().due();
        return due != null
                ? period.holds(due)
                : period.holds(promise.meeting().filed().date());
    }

    private static boolean isAbout(Sought sought, Promise promise) {
        Set<String> words = Stems.of(
                promise.line().text() + " " + String.join(" ", promise.line().quotes()));
        double held = 0;
        double all = 0;
        for (Sought.Term term : sought.terms()) {
            if (term.person() == null) {
                held += term.isIn(words) ? term.weight() : 0;
                all += term.weight();
            }
        }
        return all == 0 || held / all >= ABOUT;
    }

    private static Statement statement(Promise promise, LocalDate today) {
        List<Citation> citations = new ArrayList<>();
        citations.add(Quotes.cited(promise.meeting(), promise.line()));
        String outcome = "";
        if (promise.last() != null) {
            citations.add(new Citation(
                    promise.last().meeting(),
                    null,
                    promise.last().recall().passage(),
                    promise.last().recall().quote()));
            outcome = switch (Objects.requireNonNull(promise.outcome())) {
                case DONE -> "done";
                case DROPPED -> "dropped";
                case PARTLY -> "partly done";
                default -> "";
            };
        }
        LocalDate due = promise.line().due();
        String when = due == null ? "" : "due " + Days.written(due, today);
        String lead = String.join(
                ", ", Stream.of(outcome, when).filter(s -> !s.isEmpty()).toList());
        return new Statement(null, lead, promise.line().text(), false, citations);
    }
}
