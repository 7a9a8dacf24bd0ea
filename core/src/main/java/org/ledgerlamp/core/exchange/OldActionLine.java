package org.ledgerlamp.core.exchange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.exchange.OldMinutes.OldLine;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.time.Calendar;
import org.ledgerlamp.core.time.SpokenDate;
import org.ledgerlamp.core.time.SpokenDates;

/**
 * Reads who is to do something and by when out of a line of old minutes: "Ana: call the yard", "Call the yard (Ana, 6 March)",
 * "Ana to call the yard by Friday", a row of a table. Nobody is named an owner who is not on the roster.
 */
final class OldActionLine {
    private static final Pattern WHO = Pattern.compile("(?i)who|owner|responsible|assigned(?: to)?|name|person");
    private static final Pattern WHAT = Pattern.compile("(?i)what|actions?(?: items?)?|tasks?|to[- ]?do|description");
    private static final Pattern WHEN = Pattern.compile("(?i)when|due(?: date| by)?|by(?: when)?|deadline|date");
    private static final Pattern BEFORE_COLON =
            Pattern.compile("^@?([\\p{Lu}][\\p{L}.'’-]*(?: [\\p{Lu}][\\p{L}.'’-]*){0,3})\\s*:\\s+(\\S.*)$");
    private static final Pattern AT_THE_END =
            Pattern.compile("^(.*\\S)\\s*(?:\\(([^()]{2,80})\\)|\\[([^\\[\\]]{2,80})\\])\\.?$");
    private static final Pattern TO_DO =
            Pattern.compile("^@?([\\p{Lu}][\\p{L}.'’-]*(?: [\\p{Lu}][\\p{L}.'’-]*){0,2}) (?:to|will|is to|shall) .*");

    private final Roster roster;

    OldActionLine(Roster roster) {
        this.roster = roster;
    }

    /** Whether the cells are the head of a table of actions. */
    static boolean isHead(List<String> cells) {
        return cells.stream().anyMatch(c -> WHAT.matcher(c).matches())
                && cells.stream()
                        .anyMatch(
                                c -> WHO.matcher(c).matches() || WHEN.matcher(c).matches());
    }

    /**
     * Reads a line.
     *
     * @param cells the line, cut where a table's row is
     * @param columns the head of the table it stands in; empty where it stands in none
     * @param day of the meeting, or null where it is not known: then only whole dates are dates
     */
    OldLine read(String line, List<String> cells, List<String> columns, LocalDate day, int passage) {
        String text = line;
        String owner = null;
        List<String> asides = new ArrayList<>();
        if (cells.size() > 1 && cells.size() == columns.size()) {
            text = cell(cells, columns, WHAT).orElse(line);
            owner = cell(cells, columns, WHO).flatMap(this::known).orElse(null);
            cell(cells, columns, WHEN).ifPresent(asides::add);
        } else {
            Matcher end = AT_THE_END.matcher(text);
            if (end.matches()) {
                String aside = end.group(2) == null ? end.group(3) : end.group(2);
                List<String> parts = List.of(aside.split("\\s*[,;·]\\s*|\\s+[–-]\\s+"));
                if (parts.stream().allMatch(p -> known(p).isPresent() || dayOf(p, day) != null)) {
                    text = end.group(1);
                    owner = parts.stream()
                            .flatMap(p -> known(p).stream())
                            .findFirst()
                            .orElse(null);
                    asides.addAll(parts);
                }
            }
            Matcher colon = BEFORE_COLON.matcher(text);
            if (owner == null && colon.matches() && known(colon.group(1)).isPresent()) {
                owner = known(colon.group(1)).get();
                text = colon.group(2);
            }
            Matcher toDo = TO_DO.matcher(text);
            if (owner == null && toDo.matches()) {
                owner = known(toDo.group(1)).orElse(null);
            }
        }
        asides.add(text);
        LocalDate due = asides.stream()
                .map(a -> dayOf(a, day))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        return new OldLine(Kind.ACTION, text, owner, due, null, passage);
    }

    private static Optional<String> cell(List<String> cells, List<String> columns, Pattern column) {
        for (int i = 0; i < columns.size(); i++) {
            if (column.matcher(columns.get(i)).matches() && !cells.get(i).isBlank()) {
                return Optional.of(cells.get(i).strip());
            }
        }
        return Optional.empty();
    }

    private Optional<String> known(String name) {
        return roster.resolve(name.strip().replaceFirst("^@", "")).map(Person::name);
    }

    private static LocalDate dayOf(String words, LocalDate day) {
        Optional<LocalDate> whole = FileDay.of(words);
        if (whole.isPresent() || day == null) {
            return whole.orElse(null);
        }
        return SpokenDates.in(words, new Calendar(day, null)).stream()
                .map(SpokenDate::date)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }
}
