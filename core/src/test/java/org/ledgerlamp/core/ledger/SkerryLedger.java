package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.reading.Kind;

/** Meetings of the ferry company, as filed, for tests. */
final class SkerryLedger {
    static final List<String> PEOPLE = List.of("Mira Voss", "Ana Prokop", "Tom Reyes", "Joss Lindqvist");

    private final String id;
    private final LocalDate date;
    private final List<Said> talk = new ArrayList<>();
    private final List<FiledLine> lines = new ArrayList<>();

    private SkerryLedger(String id, LocalDate date) {
        this.id = id;
        this.date = date;
    }

    static SkerryLedger meeting(String id, String date) {
        return new SkerryLedger(id, LocalDate.parse(date));
    }

    /** Talk as {@code "Mira: words"}, a passage a line. */
    SkerryLedger said(String passages) {
        for (String passage : passages.strip().split("\\R")) {
            int colon = passage.indexOf(':');
            String first = passage.substring(0, colon).strip();
            String name =
                    PEOPLE.stream().filter(p -> p.startsWith(first)).findFirst().orElse(first);
            talk.add(new Said(talk.size(), name, passage.substring(colon + 1).strip()));
        }
        return this;
    }

    SkerryLedger action(String text, String owner, String quote) {
        return line(Kind.ACTION, text, owner, quote);
    }

    SkerryLedger decision(String text, String quote) {
        return line(Kind.DECISION, text, null, quote);
    }

    SkerryLedger question(String text, String quote) {
        return line(Kind.QUESTION, text, null, quote);
    }

    private SkerryLedger line(Kind kind, String text, String owner, String quote) {
        int passage = talk.stream()
                .filter(s -> s.text().contains(quote))
                .findFirst()
                .orElseThrow()
                .n();
        String number = id + "." + (lines.size() + 1);
        lines.add(new FiledLine(number, kind, text, owner, null, 0.9, passage, List.of(quote)));
        return this;
    }

    FiledMeeting filed() {
        return new FiledMeeting(id, date, "Berth weekly", PEOPLE, talk, lines);
    }
}
