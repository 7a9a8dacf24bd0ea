package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.TalkFigures;

/** The tables of minutes in Markdown. */
final class MarkdownTables {
    private MarkdownTables() {}

    /** Lines with owner and day beside them, where any has one. */
    static String lines(List<Line> lines) {
        boolean owned = lines.stream().anyMatch(l -> l.owner() != null || l.due() != null || l.dueWords() != null);
        String head = owned ? "| What | Who | When |\n| --- | --- | --- |\n" : "| What |\n| --- |\n";
        return head
                + lines.stream()
                        .map(l -> "| " + MinutesMarkdown.plain(l.text())
                                + (owned ? " | " + owner(l) + " | " + MinutesMarkdown.when(l) : "") + " |\n")
                        .collect(Collectors.joining());
    }

    private static String owner(Line line) {
        return line.owner() == null ? "" : MinutesMarkdown.plain(line.owner());
    }

    /** Who spoke how much, and how long it took; empty where nobody's words are known. */
    static String speaking(Reading reading) {
        List<Presence> spoke =
                reading.attendance().stream().filter(p -> p.words() > 0).toList();
        if (spoke.isEmpty()) {
            return "";
        }
        boolean timed = spoke.stream().allMatch(p -> p.time() != null);
        StringBuilder table = new StringBuilder();
        table.append("| Who | Words | Share | Turns |").append(timed ? " Time |\n" : "\n");
        table.append("| --- | ---: | ---: | ---: |").append(timed ? " ---: |\n" : "\n");
        for (Presence p : spoke) {
            table.append("| ")
                    .append(MinutesMarkdown.plain(p.name()))
                    .append(" | %d | %d%% | %d |".formatted(p.words(), Math.round(p.share() * 100), p.turns()))
                    .append(timed ? " " + clock(p.time()) + " |\n" : "\n");
        }
        String quiet = reading.attendance().stream()
                .filter(p -> p.present() && p.words() == 0)
                .map(p -> MinutesMarkdown.plain(p.name()))
                .collect(Collectors.joining(", "));
        return table + (quiet.isEmpty() ? "" : "\nSaid nothing: " + quiet + ".\n") + figures(reading.figures());
    }

    private static String figures(TalkFigures f) {
        StringBuilder words = new StringBuilder();
        if (f.length() != null) {
            words.append("It took ").append(clock(f.length()));
            words.append(f.planned() == null ? "" : " of " + clock(f.planned()) + " planned");
            words.append(f.silence() == null ? "" : ", %d%% of it silent".formatted(Math.round(f.silence() * 100)));
            words.append(".");
        }
        if (f.startedAfter() != null && !f.startedAfter().isZero()) {
            words.append(words.isEmpty() ? "" : " ")
                    .append("It began ")
                    .append(clock(f.startedAfter().abs()))
                    .append(f.startedAfter().isNegative() ? " early." : " late.");
        }
        return words.isEmpty() ? "" : "\n" + words + "\n";
    }

    /** {@code 1:04:30} or {@code 4:30}. */
    private static String clock(Duration d) {
        return d.toHours() > 0
                ? "%d:%02d:%02d".formatted(d.toHours(), d.toMinutesPart(), d.toSecondsPart())
                : "%d:%02d".formatted(d.toMinutesPart(), d.toSecondsPart());
    }
}
