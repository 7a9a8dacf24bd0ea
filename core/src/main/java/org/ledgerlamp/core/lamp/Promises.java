package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Who owes what: the actions of the ledger that are wanted, each with its day and what became of it. */
final class Promises implements Composer {
    private static final int MOST = 20;

    @Override
    public List<Statement> compose(Asked asked) {
        return asked.ledger().promises(asked.wanted(), asked.sought(), asked.today(), MOST).stream()
                .map(p -> statement(p, asked.today()))
                .toList();
    }

    /** An action with its day and what became of it. */
    static Statement statement(Promise promise, LocalDate today) {
        List<Citation> citations = new ArrayList<>();
        citations.add(Quotes.cited(promise.meeting(), promise.line()));
        if (promise.last() != null) {
            citations.add(promise.last());
        }
        LocalDate due = promise.line().due();
        String when = due == null ? "" : "due " + Days.written(due, today);
        String lead = String.join(
                ", ",
                Stream.of(outcome(promise), when).filter(s -> !s.isEmpty()).toList());
        return new Statement(null, lead, promise.line().text(), false, citations);
    }

    private static String outcome(Promise promise) {
        return switch (promise.outcome()) {
            case DONE -> "done";
            case DROPPED -> "dropped";
            case PARTLY -> "partly done";
            case null, default -> "";
        };
    }
}
