package org.ledgerlamp.core.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.Topic;

/** Writes minutes as CommonMark with front matter and task items. */
public final class MinutesMarkdown {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);

    private final Draft draft;
    private final StringBuilder out = new StringBuilder();

    private MinutesMarkdown(Draft draft) {
        this.draft = draft;
    }

    /** The minutes in the order of their template's sections; sections without content are left out. */
    public static String write(Draft draft) {
        MinutesMarkdown page = new MinutesMarkdown(draft);
        page.head();
        draft.template().sections().forEach(page::section);
        return page.out.toString();
    }

    private void head() {
        MeetingFacts m = draft.meeting();
        out.append("---\n");
        entry("title", m.title());
        entry("date", m.date().toString());
        entry("start", m.start() == null ? null : m.start().toString());
        entry("timezone", m.timezone().getId());
        entry("kind", m.kind());
        entry("series", m.series());
        entry("location", m.location());
        entry("template", draft.template().name());
        out.append("---\n\n# ")
                .append(plain(m.title()))
                .append("\n\n")
                .append(m.date().format(DAY))
                .append("\n");
    }

    private void entry(String key, String value) {
        if (value != null) {
            out.append(key)
                    .append(": \"")
                    .append(value.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", " "))
                    .append("\"\n");
        }
    }

    private void section(Template.Section section) {
        switch (section.content()) {
            case ATTENDEES -> attendees(section.heading());
            case SUMMARY -> {
                heading(section.heading());
                out.append(plain(draft.summary().paragraph())).append("\n");
            }
            case TOPICS -> topics(section.heading());
            case DECISIONS -> lines(section.heading(), Kind.DECISION);
            case ACTIONS -> lines(section.heading(), Kind.ACTION);
            case QUESTIONS -> lines(section.heading(), Kind.QUESTION);
            case RISKS -> lines(section.heading(), Kind.RISK);
            case HIGHLIGHTS -> lines(section.heading(), Kind.HIGHLIGHT);
            case LOWLIGHTS -> lines(section.heading(), Kind.LOWLIGHT);
        }
    }

    private void heading(String text) {
        out.append("\n## ").append(plain(text)).append("\n\n");
    }

    private void attendees(String heading) {
        List<Presence> all = draft.reading().attendance();
        if (all.isEmpty()) {
            return;
        }
        heading(heading);
        people("Present", all.stream().filter(Presence::present).toList());
        people("Absent", all.stream().filter(p -> !p.present()).toList());
    }

    private void people(String label, List<Presence> people) {
        if (!people.isEmpty()) {
            out.append("- ")
                    .append(label)
                    .append(": ")
                    .append(people.stream().map(p -> plain(p.name())).collect(Collectors.joining(", ")))
                    .append("\n");
        }
    }

    private void topics(String heading) {
        heading(heading);
        List<Topic> topics = draft.reading().topics();
        for (int i = 0; i < topics.size(); i++) {
            int index = i;
            out.append(i == 0 ? "### " : "\n### ")
                    .append(plain(topics.get(i).title()))
                    .append("\n\n");
            draft.lines().stream()
                    .filter(l -> l.kind() == Kind.POINT && l.topic() == index)
                    .forEach(l -> out.append("- ").append(plain(l.text())).append("\n"));
        }
    }

    private void lines(String heading, Kind kind) {
        List<Line> lines = draft.lines().stream().filter(l -> l.kind() == kind).toList();
        if (lines.isEmpty()) {
            return;
        }
        heading(heading);
        for (Line line : lines) {
            out.append(kind == Kind.ACTION ? "- [ ] " : "- ")
                    .append(plain(line.text()))
                    .append(due(line))
                    .append("\n");
        }
    }

    private static String due(Line line) {
        LocalDate due = line.due();
        if (due != null) {
            return " (" + due.format(DAY) + ")";
        }
        return line.dueWords() == null ? "" : " (" + plain(line.dueWords()) + ")";
    }

    /** What was said is text, never markup. */
    private static String plain(String text) {
        return text.replaceAll("([\\\\`*_{}\\[\\]<>#|])", "\\\\$1");
    }
}
