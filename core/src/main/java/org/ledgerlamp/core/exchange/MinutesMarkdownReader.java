package org.ledgerlamp.core.exchange;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.ledgerlamp.core.exchange.FrontMatter.Row;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.minutes.NamePattern;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Attended;
import org.ledgerlamp.core.reading.Carried;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.Standing;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.core.reading.Topic;

/** Reads minutes back from the Markdown that {@link MinutesMarkdown} writes, also where its wording was edited since. */
public final class MinutesMarkdownReader {
    private static final DateTimeFormatter WRITTEN_DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);

    private final FrontMatter matter;
    private final Template template;
    private final Set<String> people = new LinkedHashSet<>();
    private final List<CopyLine> lines = new ArrayList<>();
    private final Map<Integer, List<Evidence>> evidence = new HashMap<>();
    private int passages;

    private MinutesMarkdownReader(FrontMatter matter) {
        this.matter = matter;
        this.template = template();
        Stream.concat(matter.rows("attendees").stream(), matter.rows("owners").stream())
                .forEach(r -> people.add(r.at(0)));
    }

    /**
     * Reads a page.
     *
     * @throws IllegalArgumentException where it is no such page, with the place that cannot be understood
     */
    public static FairCopy read(String page) {
        FrontMatter.Split split = FrontMatter.read(page);
        if (!MinutesMarkdown.FORMAT.equals(split.matter().text("format"))) {
            throw new IllegalArgumentException("expected format \"" + MinutesMarkdown.FORMAT + "\", found "
                    + split.matter().text("format"));
        }
        try {
            return new MinutesMarkdownReader(split.matter()).copy(split.body());
        } catch (DateTimeException | NumberFormatException | NullPointerException e) {
            throw new IllegalArgumentException("a value before the page cannot be understood: " + e.getMessage(), e);
        }
    }

    private FairCopy copy(String body) {
        MarkdownPage.of(body).forEach(this::take);
        List<CopyLine> rested = lines.stream()
                .map(l -> resting(l, evidence.getOrDefault(l.number(), List.of())))
                .sorted(Comparator.comparingInt(CopyLine::number))
                .toList();
        Row f = matter.rows("figures").getFirst();
        return new FairCopy(
                meeting(),
                template,
                number(matter.text("folio")),
                number(matter.text("revision")),
                matter.text("oneLine"),
                rested,
                matter.rows("topics").stream()
                        .map(r -> new Topic(
                                r.at(0),
                                Integer.parseInt(r.at(1)),
                                Integer.parseInt(r.at(2)),
                                millis(r.at(3)),
                                number(r.at(4))))
                        .toList(),
                matter.rows("attendees").stream().map(this::presence).toList(),
                new TalkFigures(
                        millis(f.at(0)),
                        millis(f.at(1)),
                        millis(f.at(2)),
                        f.at(3) == null ? null : Double.valueOf(f.at(3))),
                List.of());
    }

    private void take(MarkdownPage.Entry entry) {
        if (entry.heading().equals(Typesetter.PASSAGES)) {
            passage(entry.text());
            return;
        }
        Section section = template.sections().stream()
                .filter(s -> s.heading().equals(entry.heading()))
                .findFirst()
                .orElse(null);
        boolean isLine = section == null
                || section.content() == Section.Content.SUMMARY
                || section.content().isAnswer()
                || section.content().kind() != null;
        if (isLine && !entry.isNone()) {
            lines.add(line(entry, section));
        }
    }

    /** A passage says who said what, and when; where exactly it stands is told before the page, in the same order. */
    private void passage(String words) {
        String[] parts = words.split(" ", 2);
        List<Row> rows = matter.rows("evidence");
        Row row = passages < rows.size() ? rows.get(passages++) : new Row(List.of());
        Evidence read = parts.length < 2 || row.at(0) == null
                ? null
                : Passage.read(
                        parts[1],
                        Evidence.Origin.valueOf(row.at(1)),
                        Integer.parseInt(row.at(2)),
                        Integer.parseInt(row.at(3)));
        if (read != null) {
            evidence.computeIfAbsent(Integer.valueOf(row.at(0)), n -> new ArrayList<>())
                    .add(read);
        }
    }

    private CopyLine line(MarkdownPage.Entry entry, Section section) {
        List<Row> rows = matter.rows("lines");
        Row known = lines.size() < rows.size() ? rows.get(lines.size()) : new Row(List.of());
        String text = entry.text();
        String prefix = matter.text("folio") == null ? null : matter.text("folio") + ".";
        Integer number = number(known.at(0));
        if (prefix != null && text.matches("(?s)" + prefix + "\\d+ .*")) {
            number = lineNumber(text.substring(0, text.indexOf(' ')));
            text = text.substring(text.indexOf(' ') + 1);
        }
        Kind kind = section == null ? kindOf(known) : section.content().kind();
        Beside beside = entry.cells().isEmpty() ? Beside.of(text, people) : Beside.of(entry.cells());
        boolean action = kind == Kind.ACTION;
        String owner = beside.owner() == null && action && !beside.open() ? named(beside.text()) : beside.owner();
        return new CopyLine(
                number == null ? lines.size() + 1 : number,
                kind,
                section != null && section.content().isAnswer() ? section.heading() : null,
                beside.text(),
                owner,
                beside.due(),
                known.at(2) == null ? beside.words() : known.at(2),
                known.at(1) == null ? 0 : Integer.parseInt(known.at(1)),
                1,
                List.of(),
                beside.standing() == null
                        ? null
                        : new Finding.Backing(known.at(3), names(known.at(4)), names(known.at(5)), beside.standing()),
                List.of());
    }

    /** The kind of a line that no section collects. */
    private static Kind kindOf(Row known) {
        return known.at(6) == null ? Kind.POINT : Kind.valueOf(known.at(6));
    }

    /** Whose name an action begins with. */
    private String named(String text) {
        return people.stream()
                .filter(p -> Aside.beginsWith(text, p))
                .max(Comparator.comparingInt(String::length))
                .orElse(null);
    }

    private static CopyLine resting(CopyLine l, List<Evidence> on) {
        return new CopyLine(
                l.number(),
                l.kind(),
                l.section(),
                l.text(),
                l.owner(),
                l.due(),
                l.dueWords(),
                l.topic(),
                l.certainty(),
                l.reasons(),
                l.backing(),
                on);
    }

    /** What stands beside a line, taken apart. */
    private record Beside(String text, String owner, boolean open, LocalDate due, String words, Standing standing) {
        /** The line and what stands in brackets at its end, where all of that is what stands beside lines. */
        static Beside of(String line, Set<String> people) {
            int at = line.endsWith(")") ? line.lastIndexOf(" (") : -1;
            if (at < 0) {
                return new Beside(line, null, false, null, null, null);
            }
            Beside beside = new Beside(line.substring(0, at), null, false, null, null, null);
            for (String part : line.substring(at + 2, line.length() - 1).split(Aside.BETWEEN)) {
                beside = beside.with(part, people);
                if (beside == null) {
                    return new Beside(line, null, false, null, null, null);
                }
            }
            return beside;
        }

        static Beside of(Map<String, String> cells) {
            String when = cells.getOrDefault("When", "");
            String who = cells.getOrDefault("Who", "");
            return new Beside(
                    cells.getOrDefault("What", ""),
                    who.isEmpty() ? null : who,
                    who.isEmpty(),
                    day(when),
                    unquoted(when),
                    standing(cells.getOrDefault("Standing", "")));
        }

        private Beside with(String part, Set<String> people) {
            if (part.equals(Aside.OWNER_OPEN)) {
                return new Beside(text, null, true, due, words, standing);
            }
            if (day(part) != null) {
                return new Beside(text, owner, open, day(part), words, standing);
            }
            if (unquoted(part) != null) {
                return new Beside(text, owner, open, due, unquoted(part), standing);
            }
            if (standing(part) != null) {
                return new Beside(text, owner, open, due, words, standing(part));
            }
            return people.contains(part) ? new Beside(text, part, open, due, words, standing) : null;
        }

        private static String unquoted(String part) {
            return part.startsWith("“") && part.endsWith("”") ? part.substring(1, part.length() - 1) : null;
        }

        private static LocalDate day(String part) {
            try {
                return LocalDate.parse(part, WRITTEN_DAY);
            } catch (DateTimeException e) {
                return null;
            }
        }

        private static Standing standing(String part) {
            return Stream.of(Standing.values())
                    .filter(s -> s.label().equals(part))
                    .findFirst()
                    .orElse(null);
        }
    }

    private MeetingFacts meeting() {
        String start = matter.text("start");
        return new MeetingFacts(
                matter.text("title"),
                LocalDate.parse(matter.text("date")),
                start == null ? null : LocalTime.parse(start),
                ZoneId.of(matter.text("timezone")),
                number(matter.text("planned")),
                matter.text("kind"),
                matter.text("location"),
                matter.text("series"),
                List.of(),
                List.of(),
                matter.rows("agenda").stream().map(r -> r.at(0)).toList(),
                null,
                matter.rows("matters").stream()
                        .map(r -> new Carried(
                                r.at(0), r.at(1), r.at(2) == null ? null : LocalDate.parse(r.at(2)), r.at(3)))
                        .toList());
    }

    private Template template() {
        return new Template(
                matter.text("template"),
                matter.rows("kinds").stream().map(r -> r.at(0)).toList(),
                Detail.valueOf(matter.text("detail")),
                new NamePattern(matter.text("titled")),
                new NamePattern(matter.text("named")),
                matter.rows("sections").stream()
                        .map(r -> new Section(
                                r.at(0),
                                Section.Content.valueOf(r.at(1)),
                                Section.Grouping.valueOf(r.at(2)),
                                Section.Form.valueOf(r.at(3)),
                                r.at(4) == null ? null : Detail.valueOf(r.at(4)),
                                Boolean.parseBoolean(r.at(5)),
                                r.at(6) == null ? "" : r.at(6)))
                        .toList());
    }

    private Presence presence(Row r) {
        return new Presence(
                r.at(0),
                r.at(1),
                attended(r.at(2)),
                Boolean.parseBoolean(r.at(3)),
                Integer.parseInt(r.at(4)),
                Double.parseDouble(r.at(5)),
                Integer.parseInt(r.at(6)),
                millis(r.at(7)));
    }

    /** Older files say true or false. */
    private static Attended attended(String written) {
        return switch (written) {
            case "true", "false" -> Attended.of(Boolean.parseBoolean(written));
            default -> Attended.valueOf(written);
        };
    }

    private static List<String> names(String joined) {
        return joined == null ? List.of() : List.of(joined.split(", "));
    }

    private static int lineNumber(String citation) {
        return Integer.parseInt(citation.substring(citation.indexOf('.') + 1));
    }

    private static Integer number(String figures) {
        return figures == null ? null : Integer.valueOf(figures);
    }

    private static Duration millis(String figures) {
        return figures == null ? null : Duration.ofMillis(Long.parseLong(figures));
    }
}
