package org.ledgerlamp.core.exchange;

import ezvcard.Ezvcard;
import ezvcard.VCard;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.source.SourceText;
import org.ledgerlamp.core.source.UnreadableSource;

/** Reads a roster of people from vCards or from a table of comma- or semicolon-separated values. */
public final class RosterFile {
    private static final int MOST_BYTES = 4 << 20;
    private static final int MOST_PEOPLE = 20_000;
    /** What a column holds, and the heads it is known by. */
    private enum Column {
        NAME("name", "full name", "fullname", "person", "display name"),
        FIRST("first name", "first", "given name", "forename"),
        LAST("last name", "last", "surname", "family name"),
        ROLE("role", "title", "job title", "position", "function"),
        EMAIL("email", "e-mail", "mail", "email address", "mail address"),
        ALIASES("alias", "aliases", "nickname", "nicknames", "known as");

        private final Set<String> heads;

        Column(String... heads) {
            this.heads = Set.of(heads);
        }
    }

    private RosterFile() {}

    /**
     * The people in {@code bytes}, in order, each name once.
     *
     * @throws IllegalArgumentException where it is neither format or too large, naming the place and what was expected
     */
    public static List<Person> read(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new IllegalArgumentException("whole file: more than the limit of %,d bytes".formatted(MOST_BYTES));
        }
        String text = decoded(bytes);
        List<Person> people =
                text.stripLeading().toUpperCase(Locale.ROOT).startsWith("BEGIN:VCARD") ? cards(text) : table(text);
        Map<String, Person> byName = new java.util.LinkedHashMap<>();
        people.forEach(p -> byName.putIfAbsent(p.name(), p));
        if (byName.size() > MOST_PEOPLE) {
            throw new IllegalArgumentException("whole file: more than the limit of %,d people".formatted(MOST_PEOPLE));
        }
        return List.copyOf(byName.values());
    }

    private static String decoded(byte[] bytes) {
        try {
            return SourceText.decode(bytes).text();
        } catch (UnreadableSource e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    private static List<Person> cards(String text) {
        List<Person> people = new ArrayList<>();
        for (VCard card : Ezvcard.parse(text).all()) {
            String name =
                    card.getFormattedName() != null ? card.getFormattedName().getValue() : structuredName(card);
            if (name == null || name.isBlank()) {
                continue;
            }
            String role = card.getTitles().isEmpty()
                    ? card.getRoles().isEmpty()
                            ? null
                            : card.getRoles().getFirst().getValue()
                    : card.getTitles().getFirst().getValue();
            String email = card.getEmails().isEmpty()
                    ? null
                    : card.getEmails().getFirst().getValue();
            List<String> aliases =
                    card.getNickname() == null ? List.of() : card.getNickname().getValues();
            people.add(new Person(folded(name), filled(role), filled(email), aliases));
        }
        if (people.isEmpty()) {
            throw new IllegalArgumentException("whole file: expected cards with names (FN or N), found none");
        }
        return people;
    }

    private static String structuredName(VCard card) {
        return card.getStructuredName() == null
                ? null
                : folded((card.getStructuredName().getGiven() == null
                                ? ""
                                : card.getStructuredName().getGiven()) + " "
                        + (card.getStructuredName().getFamily() == null
                                ? ""
                                : card.getStructuredName().getFamily()));
    }

    private static List<Person> table(String text) {
        String head = text.lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        char delimiter = head.chars().filter(c -> c == ';').count()
                        > head.chars().filter(c -> c == ',').count()
                ? ';'
                : head.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser rows = CSVParser.parse(new StringReader(text), format)) {
            List<Person> people = new ArrayList<>();
            Map<Column, Integer> columns = null;
            for (CSVRecord row : rows) {
                if (columns == null) {
                    columns = columns(row);
                } else {
                    person(row, columns, people);
                }
            }
            if (people.isEmpty()) {
                throw new IllegalArgumentException("line 2: expected people below the head, found none");
            }
            return people;
        } catch (IOException | java.io.UncheckedIOException e) {
            throw new IllegalArgumentException("no readable table: " + e.getMessage(), e);
        }
    }

    private static Map<Column, Integer> columns(CSVRecord head) {
        Map<Column, Integer> columns = new EnumMap<>(Column.class);
        for (int i = 0; i < head.size(); i++) {
            String title = head.get(i).toLowerCase(Locale.ROOT);
            for (Column column : Column.values()) {
                if (column.heads.contains(title)) {
                    columns.putIfAbsent(column, i);
                }
            }
        }
        boolean named = columns.containsKey(Column.NAME) || columns.containsKey(Column.FIRST);
        if (!named) {
            throw new IllegalArgumentException(
                    "line 1: expected a head with a column \"name\" (and role, email, aliases), found: "
                            + String.join(", ", head.toList()));
        }
        return columns;
    }

    private static void person(CSVRecord row, Map<Column, Integer> columns, List<Person> people) {
        String name = cell(row, columns, Column.NAME);
        if (name == null) {
            String first = cell(row, columns, Column.FIRST);
            String last = cell(row, columns, Column.LAST);
            name = filled(((first == null ? "" : first) + " " + (last == null ? "" : last)).strip());
        }
        if (name == null) {
            return;
        }
        String aliases = cell(row, columns, Column.ALIASES);
        people.add(new Person(
                folded(name),
                cell(row, columns, Column.ROLE),
                cell(row, columns, Column.EMAIL),
                aliases == null
                        ? List.of()
                        : Arrays.stream(aliases.split("[,;|/]"))
                                .map(String::strip)
                                .filter(a -> !a.isEmpty())
                                .toList()));
    }

    private static String cell(CSVRecord row, Map<Column, Integer> columns, Column column) {
        Integer at = columns.get(column);
        return at == null || at >= row.size() ? null : filled(row.get(at));
    }

    private static String folded(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }

    private static String filled(String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
