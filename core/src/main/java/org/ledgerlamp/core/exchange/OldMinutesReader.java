package org.ledgerlamp.core.exchange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ledgerlamp.core.exchange.OldMinutes.OldLine;
import org.ledgerlamp.core.exchange.OldMinutes.Who;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.reading.Attended;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Source;

/**
 * Reads minutes that somebody wrote as a page: headings that name what stands below them ("Decisions", "Action items",
 * "Present"), lines that say what they are ("Action: ..."), marks. Words stay as they were written.
 */
public final class OldMinutesReader {
    private static final Map<Kind, String> SECTIONS = Map.of(
            Kind.DECISION, "decisions?(?: made| taken)?|decided|agreed|agreements?|resolutions?|resolved",
            Kind.ACTION,
                    "actions?(?: items?| points?| list)?|ap|to[- ]?dos?|tasks?|next steps|follow[- ]ups?|who does what",
            Kind.QUESTION, "(?:open |unanswered )?questions?|open (?:points|issues|items)|still open|unresolved",
            Kind.RISK, "risks?(?: and issues)?|concerns?|worries|blockers?|dependencies",
            Kind.HIGHLIGHT, "highlights?|good news|wins?|went well|achievements?|progress",
            Kind.LOWLIGHT, "lowlights?|bad news|setbacks?|went badly|problems?|misses");
    private static final Map<Kind, Pattern> OF_KIND = patterns();
    private static final Pattern ATTENDED =
            whole("attendees?|attending|attendance|present|participants?|in attendance|who was there|people");
    private static final Pattern ABSENT =
            whole("apologies(?: for absence)?|absent|absences|regrets|not present|excused");
    private static final Pattern AGENDA = whole("agenda|topics|items? for discussion");
    private static final Pattern SUMMARY = whole("summary|in short|overview|abstract");
    private static final Pattern DATED = whole("date|held(?: on)?|when|day|meeting date|date and time");
    private static final Pattern TITLED = whole("title|meeting|subject|minutes of|name");
    private static final Pattern KINDED = whole("type|kind|meeting type|kind of meeting");
    private static final Pattern SERIES = whole("series");
    private static final Pattern IGNORED =
            whole("time|place|location|venue|minute[- ]taker|minutes by|chair|scribe|next meeting|start|end");
    private static final Pattern LABELLED =
            Pattern.compile("^\\**([\\p{L}][\\p{L} -]{1,30}?)\\**\\s*:\\**\\s+(\\S.*)$");
    private static final Pattern EMPHASIS = Pattern.compile("(?:\\*\\*|__)(.+?)(?:\\*\\*|__)");
    private static final Pattern MINUTES_OF = Pattern.compile(
            "^(?:meeting )?(?:minutes|notes)(?: of(?: the)?| for| from|:| -| –)?\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern NONE = Pattern.compile("(?i)^(?:none|n/?a|nothing|-|–)\\.?$");
    private static final int HEAD_LINES = 12;

    private final Roster roster;
    private final OldActionLine actions;
    private final List<Who> people = new ArrayList<>();
    private final List<String> agenda = new ArrayList<>();
    private final List<OldLine> lines = new ArrayList<>();
    private final List<String> summary = new ArrayList<>();
    private String title;
    private String series;
    private String kind;
    private LocalDate date;
    private boolean recognised;
    private Part part = Part.HEAD;
    private Kind partKind = Kind.POINT;
    private List<String> columns = List.of();

    /** What stands below the last heading. */
    private enum Part {
        HEAD,
        LINES,
        PRESENT,
        ABSENT,
        AGENDA,
        SUMMARY
    }

    private OldMinutesReader(Roster roster, LocalDate date) {
        this.roster = roster;
        this.date = date;
        this.actions = new OldActionLine(roster);
    }

    /**
     * Reads a page.
     *
     * @param page as notes, a line each
     * @param roster who may be meant
     * @param name of the file: tells day and title where the page does not
     * @return nothing where no heading or mark says that these are minutes
     */
    public static Optional<OldMinutes> read(Source page, Roster roster, String name) {
        LocalDate dated = page.noteLines().stream()
                .limit(HEAD_LINES)
                .map(NoteLine::text)
                .flatMap(t -> FileDay.of(t).stream())
                .findFirst()
                .or(() -> FileDay.of(name))
                .orElse(null);
        OldMinutesReader reader = new OldMinutesReader(roster, dated);
        page.noteLines().forEach(reader::take);
        return reader.recognised ? Optional.of(reader.minutes(name)) : Optional.empty();
    }

    /**
     * Reads what this program wrote out, as Markdown or JSON.
     *
     * @return nothing where it did not write that
     */
    public static Optional<OldMinutes> readOwn(String text) {
        String head = text.stripLeading();
        if (!head.startsWith("---") && !head.startsWith("{")) {
            return Optional.empty();
        }
        try {
            return Optional.of(OldMinutes.of(
                    head.startsWith("{") ? MinutesJsonReader.read(text) : MinutesMarkdownReader.read(text)));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private OldMinutes minutes(String name) {
        String called = title == null ? titleOf(name) : title;
        return new OldMinutes(
                called.isEmpty() ? null : called, date, series, kind, people, agenda, String.join(" ", summary), lines);
    }

    /** What the name of a file calls the meeting; empty where it tells its day alone. */
    static String titleOf(String name) {
        String words = bare(name.replaceFirst("\\.[^.]{1,5}$", "").replace('_', ' '));
        return words.contains(" ") ? words : bare(words.replace('-', ' '));
    }

    private void take(NoteLine line) {
        String text = EMPHASIS.matcher(line.text()).replaceAll("$1").strip();
        boolean emphasised = line.text().matches("^(?:\\*\\*|__).*(?:\\*\\*|__):?$");
        if (line.heading() || emphasised || opensPart(text)) {
            heading(text.replaceFirst(":$", "").strip());
            return;
        }
        if (line.mark().isPresent()) {
            recognised = true;
            add(marked(line.mark().get()), text, line.n());
            return;
        }
        Matcher labelled = LABELLED.matcher(text);
        if (!labelled.matches()
                || !label(labelled.group(1).strip(), labelled.group(2).strip(), line.n())) {
            plain(text, line.n());
        }
    }

    private void heading(String text) {
        columns = List.of();
        Optional<Kind> of = kindOf(text);
        if (of.isPresent()) {
            enter(Part.LINES, of.get());
        } else if (ATTENDED.matcher(text).matches()) {
            enter(Part.PRESENT, Kind.POINT);
        } else if (ABSENT.matcher(text).matches()) {
            enter(Part.ABSENT, Kind.POINT);
        } else if (AGENDA.matcher(text).matches()) {
            enter(Part.AGENDA, Kind.POINT);
        } else if (SUMMARY.matcher(text).matches()) {
            enter(Part.SUMMARY, Kind.POINT);
        } else if (title == null && part == Part.HEAD && !bare(text).isEmpty()) {
            title = bare(text);
        } else {
            part = Part.LINES;
            partKind = Kind.POINT;
        }
    }

    private void enter(Part next, Kind of) {
        recognised = true;
        part = next;
        partKind = of;
    }

    /** Whether a line that is no heading by its form opens a part by its words alone. */
    private static boolean opensPart(String text) {
        String words = text.replaceFirst(":$", "").strip();
        return kindOf(words).isPresent()
                || Stream.of(ATTENDED, ABSENT, AGENDA, SUMMARY)
                        .anyMatch(p -> p.matcher(words).matches());
    }

    /** Takes in a line that says what it is: "Date: ...", "Present: ...", "Action: ...". */
    private boolean label(String label, String words, int n) {
        Optional<Kind> of = kindOf(label);
        if (of.isPresent()) {
            recognised = true;
            add(of.get(), words, n);
        } else if (ATTENDED.matcher(label).matches() || ABSENT.matcher(label).matches()) {
            recognised = true;
            people(words, ATTENDED.matcher(label).matches());
        } else if (part == Part.HEAD && DATED.matcher(label).matches()) {
            date = FileDay.of(words).orElse(date);
        } else if (part == Part.HEAD && TITLED.matcher(label).matches()) {
            title = bare(words);
        } else if (part == Part.HEAD && SERIES.matcher(label).matches()) {
            series = words;
        } else if (part == Part.HEAD && KINDED.matcher(label).matches()) {
            kind = words;
        } else {
            return part == Part.HEAD && IGNORED.matcher(label).matches();
        }
        return true;
    }

    private void plain(String text, int n) {
        if (NONE.matcher(text).matches()) {
            return;
        }
        switch (part) {
            case PRESENT, ABSENT -> people(text, part == Part.PRESENT);
            case AGENDA -> agenda.add(text);
            case SUMMARY -> summary.add(text);
            case LINES -> add(partKind, text, n);
            case HEAD -> {
                boolean onlyDay = FileDay.of(text).isPresent() && bare(text).length() < 25;
                if (title == null && !onlyDay) {
                    title = bare(text);
                } else if (!onlyDay) {
                    add(Kind.POINT, text, n);
                }
            }
        }
    }

    private void add(Kind of, String text, int n) {
        List<String> cells = List.of(text.split("\\s*\\|\\s*"));
        if (of == Kind.ACTION && cells.size() > 1 && OldActionLine.isHead(cells)) {
            columns = cells;
        } else if (of == Kind.ACTION) {
            lines.add(actions.read(text, cells, columns, date, n));
        } else {
            lines.add(new OldLine(of, text, null, null, null, n));
        }
    }

    private void people(String names, boolean present) {
        for (String part : names.split("[,;|]| and ")) {
            String name = part.replaceFirst("\\(.*", "")
                    .replaceFirst("\\s[–-]\\s.*", "")
                    .strip();
            if (!name.isEmpty() && !NONE.matcher(name).matches() && name.length() < 120) {
                String known = roster.resolve(name).map(Person::name).orElse(name);
                if (people.stream().noneMatch(w -> w.name().equals(known))) {
                    people.add(new Who(known, Attended.of(present)));
                }
            }
        }
    }

    /** A title without "Minutes of" and without its day. */
    private static String bare(String text) {
        String plain = MINUTES_OF.matcher(text).replaceFirst("");
        plain = plain.replaceAll("(?i)(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?,? (?=\\d)", "")
                .replaceAll("(?:19|20)\\d\\d[-_./ ]?\\d{1,2}[-_./ ]?\\d{1,2}", "")
                .replaceAll("(?i)\\d{1,2}(?:st|nd|rd|th)? (?:of )?[a-z]{3,9}\\.?,? (?:19|20)\\d\\d", "")
                .replaceAll("(?i)[a-z]{3,9}\\.? \\d{1,2}(?:st|nd|rd|th)?,? (?:19|20)\\d\\d", "")
                .replaceAll("\\d{1,2}\\.\\s?\\d{1,2}\\.\\s?(?:19|20)\\d\\d", "");
        return plain.replaceAll("^[\\s,;:()–_-]+|[\\s,;:(–_-]+$|\\(\\s*\\)", "").replaceAll("\\s+", " ");
    }

    private static Optional<Kind> kindOf(String words) {
        return OF_KIND.entrySet().stream()
                .filter(e -> e.getValue().matcher(words).matches())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static Kind marked(Mark mark) {
        return switch (mark) {
            case ACTION, TASK -> Kind.ACTION;
            case DECISION -> Kind.DECISION;
            case QUESTION -> Kind.QUESTION;
            case RISK -> Kind.RISK;
            case HIGHLIGHT -> Kind.HIGHLIGHT;
            case LOWLIGHT -> Kind.LOWLIGHT;
            case DONE -> Kind.POINT;
        };
    }

    private static Map<Kind, Pattern> patterns() {
        return SECTIONS.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> whole(e.getValue())));
    }

    private static Pattern whole(String any) {
        return Pattern.compile("(?:\\d{1,2}[.)]\\s*)?(?:" + any + ")", Pattern.CASE_INSENSITIVE);
    }
}
