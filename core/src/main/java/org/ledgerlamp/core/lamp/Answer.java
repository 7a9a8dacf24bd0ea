package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What the ledger says to a question.
 *
 * @param askedOn the day it was asked on
 * @param wanted how the question was read
 * @param answered whether the ledger says it
 * @param statements what it says; where it does not say it, the nearest passages
 * @param notSaid the one of two questions asked in one breath that it does not answer, in its words, or null
 */
public record Answer(LocalDate askedOn, Wanted wanted, boolean answered, List<Statement> statements, String notSaid) {
    /** So many recorded lines are told in plain words; a longer list is counted. */
    private static final int MOST_LISTED = 6;

    public Answer {
        statements = List.copyOf(statements);
    }

    Answer(LocalDate askedOn, Wanted wanted, boolean answered, List<Statement> statements) {
        this(askedOn, wanted, answered, statements, null);
    }

    /** The answer in plain words; blank where the ledger does not say. */
    public String text() {
        if (!answered) {
            return "";
        }
        List<Statement> told = new ArrayList<>();
        for (Statement s : statements) {
            if (told.size() < MOST_LISTED || s.said()) {
                told.add(s);
            }
        }
        int left = statements.size() - told.size();
        return told.stream().map(this::plain).collect(Collectors.joining(" "))
                + (left == 0 ? "" : " And " + left + " more.")
                + (notSaid == null ? "" : " The ledger does not say: " + notSaid);
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
