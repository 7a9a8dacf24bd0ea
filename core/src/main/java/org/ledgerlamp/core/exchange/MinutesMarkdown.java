package org.ledgerlamp.core.exchange;

import java.util.List;
import java.util.stream.Collectors;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.minutes.Page;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.time.WrittenDay;

/** Writes minutes as CommonMark with front matter and task items. */
public final class MinutesMarkdown {
    private final Draft draft;
    private final StringBuilder out = new StringBuilder();

    private MinutesMarkdown(Draft draft) {
        this.draft = draft;
    }

    /** The minutes in the order of their template's sections; sections without content are left out. */
    public static String write(Draft draft) {
        MinutesMarkdown page = new MinutesMarkdown(draft);
        page.head();
        Page.of(draft).forEach(page::part);
        return page.out.toString();
    }

    private void head() {
        MeetingFacts m = draft.meeting();
        out.append("---\n");
        entry("title", draft.template().titleOf(m));
        entry("date", m.date().toString());
        entry("start", m.start() == null ? null : m.start().toString());
        entry("timezone", m.timezone().getId());
        entry("kind", m.kind());
        entry("series", m.series());
        entry("location", m.location());
        entry("template", draft.template().name());
        out.append("---\n\n# ")
                .append(plain(draft.template().titleOf(m)))
                .append("\n\n")
                .append(WrittenDay.of(m.date()))
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

    private void part(Page.Part part) {
        Section section = part.section();
        switch (section.content()) {
            case PROMPTS -> {} // for whoever takes the notes, not for readers
            case FACTS -> under(section, facts());
            case ATTENDEES -> under(section, attendees());
            case AGENDA -> under(section, agenda());
            case MATTERS_ARISING -> under(section, mattersArising(section));
            case SUMMARY -> under(section, plain(draft.summary().paragraph()) + "\n");
            case SPEAKING -> under(section, MarkdownTables.speaking(draft.reading()));
            case FIXED_TEXT -> under(section, plain(section.text().strip()) + "\n");
            default -> under(section, groups(part));
        }
    }

    /** A section without words is left out, unless it has to stand. */
    private void under(Section section, String words) {
        if (!words.isEmpty() || section.required()) {
            heading(section.heading());
            out.append(words.isEmpty() ? "None.\n" : words);
        }
    }

    private String facts() {
        MeetingFacts m = draft.meeting();
        StringBuilder facts = new StringBuilder();
        fact("Date", WrittenDay.of(m.date()), facts);
        fact("Time", m.start() == null ? null : m.start() + " " + m.timezone().getId(), facts);
        fact("Planned", m.plannedMinutes() == null ? null : m.plannedMinutes() + " minutes", facts);
        fact("Place", m.location(), facts);
        fact("Kind", m.kind(), facts);
        fact("Series", m.series(), facts);
        return facts.toString();
    }

    private static void fact(String name, String value, StringBuilder facts) {
        if (value != null) {
            facts.append("- ").append(name).append(": ").append(plain(value)).append("\n");
        }
    }

    private String agenda() {
        StringBuilder items = new StringBuilder();
        List<String> agenda = draft.meeting().agenda();
        for (int i = 0; i < agenda.size(); i++) {
            items.append(i + 1).append(". ").append(plain(agenda.get(i))).append("\n");
        }
        return items.toString();
    }

    private String mattersArising(Section section) {
        String bullet = section.form() == Section.Form.CHECK_BOXES ? "- [ ] " : "- ";
        return draft.meeting().mattersArising().stream()
                .map(c -> bullet
                        + (c.origin() == null ? "" : c.origin() + ": ")
                        + plain(c.text())
                        + (c.due() == null ? "" : " (" + WrittenDay.of(c.due()) + ")")
                        + "\n")
                .collect(Collectors.joining());
    }

    private static String groups(Page.Part part) {
        StringBuilder words = new StringBuilder();
        for (Page.Group group : part.groups()) {
            if (group.heading() != null) {
                words.append(words.isEmpty() ? "" : "\n")
                        .append("### ")
                        .append(plain(group.heading()))
                        .append("\n\n");
            }
            words.append(lines(part.section().form(), group.lines()));
        }
        return words.toString();
    }

    private static String lines(Section.Form form, List<Line> lines) {
        return switch (form) {
            case SENTENCES -> lines.stream().map(l -> plain(l.text()) + due(l)).collect(Collectors.joining(" ")) + "\n";
            case TABLE -> MarkdownTables.lines(lines);
            case LIST -> items("- ", lines);
            case CHECK_BOXES -> items("- [ ] ", lines);
        };
    }

    private static String items(String bullet, List<Line> lines) {
        return lines.stream().map(l -> bullet + plain(l.text()) + due(l) + "\n").collect(Collectors.joining());
    }

    private void heading(String text) {
        out.append("\n## ").append(plain(text)).append("\n\n");
    }

    private String attendees() {
        List<Presence> all = draft.reading().attendance();
        return people(
                        "Present",
                        all.stream().filter(p -> p.present() && !p.late()).toList())
                + people(
                        "Came later",
                        all.stream().filter(p -> p.present() && p.late()).toList())
                + people("Absent", all.stream().filter(p -> !p.present()).toList());
    }

    private static String people(String label, List<Presence> people) {
        return people.isEmpty()
                ? ""
                : "- " + label + ": "
                        + people.stream().map(p -> plain(p.name())).collect(Collectors.joining(", ")) + "\n";
    }

    private static String due(Line line) {
        String when = when(line);
        return when.isEmpty() ? "" : " (" + when + ")";
    }

    /** The day, or the words for it where it is none. */
    static String when(Line line) {
        if (line.due() != null) {
            return WrittenDay.of(line.due());
        }
        return line.dueWords() == null ? "" : plain(line.dueWords());
    }

    /** What was said is text, never markup. */
    static String plain(String text) {
        return text.replaceAll("([\\\\`*_{}\\[\\]<>#|])", "\\\\$1");
    }
}
