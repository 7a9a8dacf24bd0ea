package org.ledgerlamp.server.common;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Block;

/**
 * A piece of a set page as the browser gets it.
 *
 * @param level of a heading: 1 for the page's title, 2 for a section, 3 for a group
 * @param text of a heading or paragraph
 * @param below what stands below the page's title
 * @param style of a list
 * @param columns of a table
 */
public record BlockView(
        Kind kind,
        int level,
        @Nullable String text,
        @Nullable String below,
        Block.@Nullable Style style,
        List<ItemView> items,
        List<ColumnView> columns,
        List<List<String>> rows) {
    /** What it is. */
    public enum Kind {
        HEADING,
        PARAGRAPH,
        LIST,
        TABLE
    }

    /** An item of a list. */
    public record ItemView(@Nullable String number, boolean ticked, String text, String aside) {}

    /** A column of a table. */
    public record ColumnView(String name, boolean figures) {}

    public static BlockView of(Block block) {
        return switch (block) {
            case Block.Title t -> words(Kind.HEADING, 1, t.text(), t.below());
            case Block.Heading h -> words(Kind.HEADING, h.level(), h.text(), null);
            case Block.Paragraph p -> words(Kind.PARAGRAPH, 0, p.text(), null);
            case Block.Items items ->
                new BlockView(
                        Kind.LIST,
                        0,
                        null,
                        null,
                        items.style(),
                        items.items().stream()
                                .map(i -> new ItemView(i.number(), i.ticked(), i.text(), i.aside()))
                                .toList(),
                        List.of(),
                        List.of());
            case Block.Table table ->
                new BlockView(
                        Kind.TABLE,
                        0,
                        null,
                        null,
                        null,
                        List.of(),
                        table.columns().stream()
                                .map(c -> new ColumnView(c.name(), c.figures()))
                                .toList(),
                        table.rows());
        };
    }

    private static BlockView words(Kind kind, int level, String text, @Nullable String below) {
        return new BlockView(kind, level, text, below, null, List.of(), List.of(), List.of());
    }
}
