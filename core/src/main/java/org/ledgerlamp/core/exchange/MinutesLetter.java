package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.time.WrittenDay;

/** The letters with which minutes are circulated. Each is made for one recipient. */
public final class MinutesLetter {
    private MinutesLetter() {}

    /** The minutes as they are, below a covering line. */
    public static Letter whole(FairCopy copy, String cover) {
        return letter(copy, cover, Typesetter.set(copy, false), "Minutes: ");
    }

    /**
     * The minutes as they are, with what the reader took on before all else.
     *
     * @param reader full name of who it is for
     */
    public static Letter whole(FairCopy copy, String cover, String reader) {
        List<Block> page = Typesetter.set(copy, false);
        List<Block> blocks = new ArrayList<>();
        blocks.add(page.getFirst());
        own(copy, reader, blocks);
        blocks.addAll(page.subList(1, page.size()));
        return letter(copy, cover, blocks, "Minutes: ");
    }

    /** Word that the minutes are attached. */
    public static Letter attached(FairCopy copy, String cover, String reader) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(Typesetter.title(copy));
        blocks.add(new Block.Paragraph("The minutes are attached."));
        own(copy, reader, blocks);
        return letter(copy, cover, blocks, "Minutes: ");
    }

    /**
     * What somebody who was not there needs: what was decided, what concerns them, what comes next.
     *
     * @param reader full name of who it is for
     */
    public static Letter catchUp(FairCopy copy, String cover, String reader) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(Typesetter.title(copy));
        if (!copy.summary().isBlank()) {
            blocks.add(new Block.Paragraph(copy.summary()));
        }
        section("Decided", copy, copy.of(Kind.DECISION), Block.Style.BULLETS, blocks);
        own(copy, reader, blocks);
        section(
                "Where you were named",
                copy,
                copy.lines().stream()
                        .filter(l -> l.kind() != Kind.ACTION && l.kind() != Kind.DECISION && !l.isSummary())
                        .filter(l -> l.text().contains(reader))
                        .toList(),
                Block.Style.BULLETS,
                blocks);
        section(
                "What comes next",
                copy,
                copy.of(Kind.ACTION).stream()
                        .filter(l -> !reader.equals(l.owner()))
                        .toList(),
                Block.Style.BOXES,
                blocks);
        section("Still open", copy, copy.of(Kind.QUESTION), Block.Style.BULLETS, blocks);
        return letter(copy, cover, blocks, "Catch-up: ");
    }

    /** What one person took on. */
    public static Letter owned(FairCopy copy, String cover, String reader) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(Typesetter.title(copy));
        own(copy, reader, blocks);
        return letter(copy, cover, blocks, "Your actions: ");
    }

    /** Whether somebody owns an action of these minutes. */
    public static boolean owns(FairCopy copy, String reader) {
        return copy.of(Kind.ACTION).stream().anyMatch(l -> reader.equals(l.owner()));
    }

    private static void own(FairCopy copy, String reader, List<Block> blocks) {
        section(
                "Your actions",
                copy,
                copy.of(Kind.ACTION).stream()
                        .filter(l -> reader.equals(l.owner()))
                        .toList(),
                Block.Style.BOXES,
                blocks);
    }

    private static void section(
            String heading, FairCopy copy, List<CopyLine> lines, Block.Style style, List<Block> blocks) {
        if (!lines.isEmpty()) {
            blocks.add(new Block.Heading(2, heading));
            blocks.add(Typesetter.lines(copy, lines, style));
        }
    }

    private static Letter letter(FairCopy copy, String cover, List<Block> blocks, String before) {
        List<Block> all = new ArrayList<>();
        if (cover != null && !cover.isBlank()) {
            all.add(new Block.Paragraph(cover.strip()));
        }
        all.addAll(blocks);
        String subject =
                before + copy.title() + ", " + WrittenDay.of(copy.meeting().date())
                        + (copy.revision() != null && copy.revision() > 1 ? " (revision " + copy.revision() + ")" : "");
        String line = Letter.oneLine(subject);
        return new Letter(line, PlainPage.write(all), HtmlPage.write(line, all));
    }
}
