package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.ledgerlamp.core.exchange.Block.Column;
import org.ledgerlamp.core.exchange.Block.Item;
import org.ledgerlamp.core.exchange.Block.Items;
import org.ledgerlamp.core.exchange.Block.Style;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.minutes.Page;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.time.WrittenDay;

/** Sets minutes: decides what stands on the page, in which order and form, whatever it is written as. */
public final class Typesetter {
    private static final String NONE = "None.";
    static final String PASSAGES = "What the lines rest on";

    private final FairCopy copy;
    private final List<Block> page = new ArrayList<>();

    private Typesetter(FairCopy copy) {
        this.copy = copy;
    }

    /**
     * The page in the order of its template's sections; sections without content are left out unless they have to stand.
     *
     * @param passages whether the words that the lines rest on stand at the end
     */
    public static List<Block> set(FairCopy copy, boolean passages) {
        Typesetter setter = new Typesetter(copy);
        setter.page.add(title(copy));
        Page.of(copy).forEach(setter::part);
        if (passages) {
            setter.passages();
        }
        return List.copyOf(setter.page);
    }

    /** The lines alone, without heading: in boxes where they are things to do. */
    static Items lines(FairCopy copy, List<CopyLine> lines, Style style) {
        return new Typesetter(copy).items(style, lines);
    }

    /** What stands above all else: the title, and below it when and where. */
    static Block title(FairCopy copy) {
        MeetingFacts m = copy.meeting();
        List<String> below = new ArrayList<>();
        below.add(WrittenDay.of(m.date()));
        if (m.start() != null) {
            below.add(m.start() + " " + m.timezone().getId());
        }
        if (m.location() != null) {
            below.add(m.location());
        }
        if (copy.folio() != null) {
            below.add("folio " + copy.folio());
        }
        if (copy.revision() != null && copy.revision() > 1) {
            below.add("revision " + copy.revision());
        }
        return new Block.Title(copy.title(), String.join(" · ", below));
    }

    private void part(Page.Part part) {
        Section section = part.section();
        switch (section.content()) {
            case PROMPTS -> {} // for whoever takes the notes, not for readers
            case FACTS -> under(section, facts());
            case ATTENDEES -> under(section, attendees());
            case AGENDA -> under(section, listed(Style.NUMBERS, copy.meeting().agenda(), Item::of));
            case MATTERS_ARISING -> under(section, mattersArising(section));
            case SPEAKING -> under(section, SpeakingTable.of(copy));
            case FIXED_TEXT ->
                under(section, List.of(new Block.Paragraph(section.text().strip())));
            default -> under(section, groups(part));
        }
    }

    private void under(Section section, List<Block> content) {
        if (!content.isEmpty() || section.required()) {
            page.add(new Block.Heading(2, section.heading()));
            page.addAll(content.isEmpty() ? List.of(new Block.Paragraph(NONE)) : content);
        }
    }

    private static <T> List<Block> listed(Style style, List<T> of, Function<T, Item> item) {
        return of.isEmpty()
                ? List.of()
                : List.of(new Items(style, of.stream().map(item).toList()));
    }

    private List<Block> facts() {
        MeetingFacts m = copy.meeting();
        List<Item> facts = new ArrayList<>();
        fact("Date", WrittenDay.of(m.date()), facts);
        fact("Time", m.start() == null ? null : m.start() + " " + m.timezone().getId(), facts);
        fact("Planned", m.plannedMinutes() == null ? null : m.plannedMinutes() + " minutes", facts);
        fact("Place", m.location(), facts);
        fact("Kind", m.kind(), facts);
        fact("Series", m.series(), facts);
        return List.of(new Items(Style.BULLETS, facts));
    }

    private static void fact(String name, String value, List<Item> facts) {
        if (value != null) {
            facts.add(Item.of(name + ": " + value));
        }
    }

    private List<Block> attendees() {
        List<Presence> all = copy.attendance();
        List<Item> groups = new ArrayList<>();
        people("Present", all.stream().filter(p -> p.present() && !p.late()).toList(), groups);
        people("Came later", all.stream().filter(p -> p.present() && p.late()).toList(), groups);
        people("Absent", all.stream().filter(Presence::absent).toList(), groups);
        people(
                "Not known whether present",
                all.stream().filter(Presence::unknown).toList(),
                groups);
        return groups.isEmpty() ? List.of() : List.of(new Items(Style.BULLETS, groups));
    }

    private static void people(String label, List<Presence> people, List<Item> groups) {
        if (!people.isEmpty()) {
            groups.add(Item.of(label + ": "
                    + String.join(", ", people.stream().map(Presence::name).toList())));
        }
    }

    private List<Block> mattersArising(Section section) {
        return listed(
                section.form() == Section.Form.CHECK_BOXES ? Style.BOXES : Style.BULLETS,
                copy.meeting().mattersArising(),
                c -> new Item(c.origin(), false, c.text(), c.due() == null ? "" : WrittenDay.of(c.due())));
    }

    private List<Block> groups(Page.Part part) {
        List<Block> blocks = new ArrayList<>();
        for (Page.Group group : part.groups()) {
            if (group.heading() != null) {
                blocks.add(new Block.Heading(3, group.heading()));
            }
            blocks.add(
                    switch (part.section().form()) {
                        case TABLE -> table(group.lines());
                        case SENTENCES -> items(Style.RUN_ON, group.lines());
                        case LIST -> items(Style.BULLETS, group.lines());
                        case CHECK_BOXES -> items(Style.BOXES, group.lines());
                    });
        }
        return blocks;
    }

    private Items items(Style style, List<CopyLine> lines) {
        return new Items(
                style,
                lines.stream()
                        .map(l -> new Item(copy.citation(l), false, l.text(), Aside.of(l)))
                        .toList());
    }

    /** Lines with what is known of them in columns; a column that would be empty is none. */
    private Block table(List<CopyLine> lines) {
        List<Column> columns = new ArrayList<>();
        List<Function<CopyLine, String>> cells = new ArrayList<>();
        column(lines, "No.", copy::citation, columns, cells);
        column(lines, "What", CopyLine::text, columns, cells);
        column(lines, "Who", CopyLine::owner, columns, cells);
        column(lines, "When", Aside::when, columns, cells);
        column(lines, "Standing", Aside::standing, columns, cells);
        return new Block.Table(
                columns,
                lines.stream()
                        .map(l -> cells.stream().map(c -> orEmpty(c.apply(l))).toList())
                        .toList());
    }

    private static void column(
            List<CopyLine> lines,
            String name,
            Function<CopyLine, String> cell,
            List<Column> columns,
            List<Function<CopyLine, String>> cells) {
        if (lines.stream().anyMatch(l -> !orEmpty(cell.apply(l)).isEmpty())) {
            columns.add(Column.words(name));
            cells.add(cell);
        }
    }

    private static String orEmpty(String cell) {
        return cell == null ? "" : cell;
    }

    private void passages() {
        List<Item> said = new ArrayList<>();
        for (CopyLine line : copy.lines()) {
            line.evidence()
                    .forEach(e -> said.add(new Item(
                            copy.folio() == null ? String.valueOf(line.number()) : copy.citation(line),
                            false,
                            Passage.of(e),
                            "")));
        }
        if (!said.isEmpty()) {
            page.add(new Block.Heading(2, PASSAGES));
            page.add(new Items(Style.BULLETS, said));
        }
    }
}
