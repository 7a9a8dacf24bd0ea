package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.ext.task.list.items.TaskListItemsExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** A Markdown page taken apart: what stands under each of its headings, one entry a list item, sentence or row. */
final class MarkdownPage {
    private static final Parser PARSER = Parser.builder()
            .extensions(List.of(TablesExtension.create(), TaskListItemsExtension.create()))
            .build();

    private final List<Entry> entries = new ArrayList<>();
    private String heading = "";

    private MarkdownPage() {}

    /**
     * What stands under a heading of the second level.
     *
     * @param cells of a table's row by the names of its columns; empty for all else
     */
    record Entry(String heading, String text, Map<String, String> cells) {
        /** Whether it says that nothing was said. */
        boolean isNone() {
            return cells.isEmpty() && text.equals("None.");
        }
    }

    static List<Entry> of(String markdown) {
        MarkdownPage page = new MarkdownPage();
        for (Node node = PARSER.parse(markdown).getFirstChild(); node != null; node = node.getNext()) {
            page.take(node);
        }
        return page.entries;
    }

    private void take(Node node) {
        switch (node) {
            case Heading h -> heading = h.getLevel() == 3 ? heading : h.getLevel() == 2 ? text(h) : "";
            case Paragraph p -> text(p).lines().forEach(this::add);
            case TableBlock table -> rows(table);
            default -> {
                for (Node item = node.getFirstChild(); item != null; item = item.getNext()) {
                    if (item instanceof ListItem) {
                        add(text(item).replace('\n', ' '));
                    }
                }
            }
        }
    }

    private void add(String text) {
        if (!heading.isEmpty()) {
            entries.add(new Entry(heading, text.strip(), Map.of()));
        }
    }

    private void rows(TableBlock table) {
        List<List<String>> rows = new ArrayList<>();
        table.accept(new AbstractVisitor() {
            @Override
            public void visit(org.commonmark.node.CustomNode node) {
                if (node instanceof TableRow row) {
                    rows.add(cells(row));
                } else {
                    visitChildren(node);
                }
            }
        });
        List<String> names = rows.getFirst();
        for (List<String> row : rows.subList(1, rows.size())) {
            Map<String, String> cells = new LinkedHashMap<>();
            for (int i = 0; i < row.size(); i++) {
                cells.put(names.get(i), row.get(i));
            }
            String number = cells.containsKey("No.") ? cells.get("No.") + " " : "";
            entries.add(new Entry(heading, number + cells.getOrDefault("What", ""), cells));
        }
    }

    private static List<String> cells(TableRow row) {
        List<String> cells = new ArrayList<>();
        for (Node cell = row.getFirstChild(); cell != null; cell = cell.getNext()) {
            if (cell instanceof TableCell) {
                cells.add(text(cell).strip());
            }
        }
        return cells;
    }

    /** The words of a node without any markup. */
    private static String text(Node node) {
        StringBuilder words = new StringBuilder();
        node.accept(new AbstractVisitor() {
            @Override
            public void visit(Text text) {
                words.append(text.getLiteral());
            }

            @Override
            public void visit(Code code) {
                words.append(code.getLiteral());
            }

            @Override
            public void visit(HtmlInline html) {
                words.append(html.getLiteral());
            }

            @Override
            public void visit(SoftLineBreak lineBreak) {
                words.append('\n');
            }

            @Override
            public void visit(HardLineBreak lineBreak) {
                words.append('\n');
            }
        });
        return words.toString();
    }
}
