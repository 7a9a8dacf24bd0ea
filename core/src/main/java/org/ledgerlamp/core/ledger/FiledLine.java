package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import java.util.List;
import org.ledgerlamp.core.reading.Kind;

/**
 * A line of filed minutes.
 *
 * @param id what the line is known by
 * @param kind what it is
 * @param text as it reads
 * @param owner full name of who is to do it, or null
 * @param due the day it is due, or null
 * @param certainty that it is what it says it is, between 0 and 1; 1 where a person says so
 * @param passage number of the passage it rests on first, or -1 where it rests on none
 * @param quotes the words it rests on, those of that passage first; empty where it rests on none
 */
public record FiledLine(
        String id,
        Kind kind,
        String text,
        String owner,
        LocalDate due,
        double certainty,
        int passage,
        List<String> quotes) {
    public FiledLine {
        quotes = List.copyOf(quotes);
    }

    /** The same line, handed over to somebody, or to nobody where null. */
    public FiledLine ownedBy(String other) {
        return new FiledLine(id, kind, text, other, due, certainty, passage, quotes);
    }

    /** The words it rests on first; empty where it rests on none. */
    public String quote() {
        return quotes.isEmpty() ? "" : quotes.getFirst();
    }
}
