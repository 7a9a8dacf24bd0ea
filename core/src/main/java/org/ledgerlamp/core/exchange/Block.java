package org.ledgerlamp.core.exchange;

import java.util.List;

/**
 * A piece of a set page. What stands on a page is decided once, by {@link Typesetter}; what writes a page only knows
 * blocks.
 */
public sealed interface Block {
    /** What the page is called, and a line below it. */
    record Title(String text, String below) implements Block {}

    /**
     * A heading.
     *
     * @param level 2 for a section, 3 for a group of lines within one
     */
    record Heading(int level, String text) implements Block {}

    /** Words that run on; line breaks in them stay. */
    record Paragraph(String text) implements Block {}

    /** A list. */
    record Items(Style style, List<Item> items) implements Block {
        public Items {
            items = List.copyOf(items);
        }
    }

    /** How a list is set. */
    enum Style {
        BULLETS,
        NUMBERS,
        BOXES,
        /** One after the other in one paragraph. */
        RUN_ON
    }

    /**
     * An item of a list.
     *
     * @param number under which it can be cited, such as {@code 27.3}, or null
     * @param ticked whether a box before it is ticked
     * @param text the words
     * @param aside what stands beside them, or empty
     */
    record Item(String number, boolean ticked, String text, String aside) {
        /** Mere words. */
        static Item of(String text) {
            return new Item(null, false, text, "");
        }
    }

    /** A table; every row has as many cells as there are columns. */
    record Table(List<Column> columns, List<List<String>> rows) implements Block {
        public Table {
            columns = List.copyOf(columns);
            rows = rows.stream().map(List::copyOf).toList();
        }
    }

    /** A column: what stands above it, and whether it holds figures. */
    record Column(String name, boolean figures) {
        static Column words(String name) {
            return new Column(name, false);
        }

        static Column figures(String name) {
            return new Column(name, true);
        }
    }
}
