package org.ledgerlamp.core.exchange;

import java.util.List;
import java.util.stream.Collectors;

/** Writes blocks as CommonMark with tables and task items. */
final class Markdown {
    private Markdown() {}

    static String write(List<Block> blocks) {
        return blocks.stream().map(Markdown::block).collect(Collectors.joining("\n"));
    }

    private static String block(Block block) {
        return switch (block) {
            case Block.Title t -> "# " + plain(t.text()) + "\n\n" + plain(t.below()) + "\n";
            case Block.Heading h -> "#".repeat(h.level()) + " " + plain(h.text()) + "\n";
            case Block.Paragraph p -> p.text().lines().map(Markdown::plain).collect(Collectors.joining("\\\n")) + "\n";
            case Block.Items items -> items(items);
            case Block.Table table -> table(table);
        };
    }

    private static String items(Block.Items items) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < items.items().size(); i++) {
            Block.Item item = items.items().get(i);
            String bullet =
                    switch (items.style()) {
                        case BULLETS -> "- ";
                        case BOXES -> item.ticked() ? "- [x] " : "- [ ] ";
                        case NUMBERS -> (i + 1) + ". ";
                        case RUN_ON -> "";
                    };
            lines.append(bullet)
                    .append(item.number() == null ? "" : item.number() + " ")
                    .append(plain(item.text()))
                    .append(item.aside().isEmpty() ? "" : " (" + plain(item.aside()) + ")")
                    .append('\n');
        }
        return lines.toString();
    }

    private static String table(Block.Table table) {
        StringBuilder rows = new StringBuilder();
        rows.append(row(table.columns().stream().map(Block.Column::name).toList()));
        rows.append(table.columns().stream()
                .map(c -> c.figures() ? "---:" : "---")
                .collect(Collectors.joining(" | ", "| ", " |\n")));
        table.rows().forEach(r -> rows.append(row(r)));
        return rows.toString();
    }

    private static String row(List<String> cells) {
        return cells.stream().map(Markdown::plain).collect(Collectors.joining(" | ", "| ", " |\n"));
    }

    /** What was said is text, never markup: whatever a reader might take for a mark is escaped. */
    static String plain(String text) {
        String line = text.replaceAll("\\s*\\R\\s*", " ").replaceAll("([\\\\`*_{}\\[\\]<>#|~&])", "\\\\$1");
        return line.replaceFirst("^(\\s*)([-+=])", "$1\\\\$2").replaceFirst("^(\\s*\\d+)([.)]\\s)", "$1\\\\$2");
    }
}
