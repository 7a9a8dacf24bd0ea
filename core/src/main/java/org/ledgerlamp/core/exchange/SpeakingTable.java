package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.exchange.Block.Column;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.TalkFigures;

/** Who spoke how much, and how long it took. */
final class SpeakingTable {
    private SpeakingTable() {}

    /** The table and what is to be said below it; nothing where nobody's words are known. */
    static List<Block> of(FairCopy copy) {
        List<Presence> spoke =
                copy.attendance().stream().filter(p -> p.words() > 0).toList();
        if (spoke.isEmpty()) {
            return List.of();
        }
        boolean timed = spoke.stream().allMatch(p -> p.time() != null);
        List<Column> columns = new ArrayList<>(List.of(
                Column.words("Who"), Column.figures("Words"), Column.figures("Share"), Column.figures("Turns")));
        if (timed) {
            columns.add(Column.figures("Time"));
        }
        List<Block> blocks = new ArrayList<>();
        blocks.add(
                new Block.Table(columns, spoke.stream().map(p -> row(p, timed)).toList()));
        String below = below(copy);
        if (!below.isEmpty()) {
            blocks.add(new Block.Paragraph(below));
        }
        return blocks;
    }

    private static List<String> row(Presence p, boolean timed) {
        List<String> row = new ArrayList<>(List.of(
                p.name(), String.valueOf(p.words()), Math.round(p.share() * 100) + "%", String.valueOf(p.turns())));
        if (timed) {
            row.add(clock(p.time()));
        }
        return row;
    }

    private static String below(FairCopy copy) {
        List<String> quiet = copy.attendance().stream()
                .filter(p -> p.present() && p.words() == 0)
                .map(Presence::name)
                .toList();
        List<String> sentences = new ArrayList<>();
        if (!quiet.isEmpty()) {
            sentences.add("Said nothing: " + String.join(", ", quiet) + ".");
        }
        TalkFigures f = copy.figures();
        if (f.length() != null) {
            sentences.add("It took " + clock(f.length())
                    + (f.planned() == null ? "" : " of " + clock(f.planned()) + " planned")
                    + (f.silence() == null ? "" : ", %d%% of it silent".formatted(Math.round(f.silence() * 100)))
                    + ".");
        }
        if (f.startedAfter() != null && !f.startedAfter().isZero()) {
            sentences.add("It began " + clock(f.startedAfter().abs())
                    + (f.startedAfter().isNegative() ? " early." : " late."));
        }
        return String.join(" ", sentences);
    }

    /** {@code 1:04:30} or {@code 4:30}. */
    private static String clock(Duration d) {
        return d.toHours() > 0
                ? "%d:%02d:%02d".formatted(d.toHours(), d.toMinutesPart(), d.toSecondsPart())
                : "%d:%02d".formatted(d.toMinutesPart(), d.toSecondsPart());
    }
}
