package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Writes blocks as plain text, fit for mail. */
final class PlainPage {
    private static final int MOST_ACROSS = 78;

    private PlainPage() {}

    static String write(List<Block> blocks) {
        return blocks.stream().map(PlainPage::block).collect(Collectors.joining("\n\n")) + "\n";
    }

    private static String block(Block block) {
        return switch (block) {
            case Block.Title t ->
                t.text() + "\n" + "=".repeat(Math.min(MOST_ACROSS, t.text().length())) + "\n" + t.below();
            case Block.Heading h -> h.level() == 2 ? h.text().toUpperCase(Locale.ROOT) : h.text() + ":";
            case Block.Paragraph p -> p.text().strip();
            case Block.Items items -> items(items);
            case Block.Table table -> table(table);
        };
    }

    private static String items(Block.Items items) {
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < items.items().size(); i++) {
            Block.Item item = items.items().get(i);
            String bullet =
                    switch (items.style()) {
                        case BULLETS -> "- ";
                        case BOXES -> item.ticked() ? "[x] " : "[ ] ";
                        case NUMBERS -> (i + 1) + ". ";
                        case RUN_ON -> "";
                    };
            lines.add(bullet
                    + (item.number() == null ? "" : item.number() + " ")
                    + item.text()
                    + (item.aside().isEmpty() ? "" : " (" + item.aside() + ")"));
        }
        return String.join("\n", lines);
    }

    /** A row a line: columns of figures would not stay in line in mail. */
    private static String table(Block.Table table) {
        return table.rows().stream().map(r -> row(table, r)).collect(Collectors.joining("\n"));
    }

    private static String row(Block.Table table, List<String> row) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < row.size(); i++) {
            if (!row.get(i).isEmpty()) {
                boolean named = table.columns().get(i).figures();
                cells.add(
                        named ? table.columns().get(i).name().toLowerCase(Locale.ROOT) + " " + row.get(i) : row.get(i));
            }
        }
        return "- " + String.join(", ", cells);
    }
}
