package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What the ledger says to a question.
 *
 * @param askedOn the day it was asked on
 * @param wanted how the question was read
 * @param answered whether the ledger says it
 * @param statements what it says; where it does not say it, the nearest passages
 */
public record Answer(LocalDate askedOn, Wanted wanted, boolean answered, List<Statement> statements) {
    public Answer {
        statements = List.copyOf(statements);
    }

    /** The answer in plain words; blank where the ledger does not say. */
    public String text() {
        return answered ? statements.stream().map(this::plain).collect(Collectors.joining(" ")) : "";
    }

    private String plain(Statement s) {
        StringBuilder text = new StringBuilder();
        if (s.day() != null) {
            text.append(Days.written(s.day(), askedOn)).append(s.lead().isBlank() ? ": " : ", ");
        }
        if (!s.lead().isBlank()) {
            text.append(s.lead()).append(": ");
        }
        return text.append(s.said() ? "“" + s.text() + "”" : s.text()).toString();
    }

    /** What it rests on, the most important first, each once. */
    public List<Citation> citations() {
        return statements.stream()
                .flatMap(s -> s.citations().stream())
                .distinct()
                .toList();
    }
}
