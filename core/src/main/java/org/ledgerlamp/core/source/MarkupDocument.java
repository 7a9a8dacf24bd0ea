package org.ledgerlamp.core.source;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Walks a document written in markup (a word processor's XML or a web page) and gives its text as lines. What is deleted,
 * remarked on, hidden or code is no text.
 */
final class MarkupDocument {
    private static final Set<String> SKIPPED = Set.of(
            "script",
            "style",
            "head",
            "noscript",
            "template",
            "svg",
            "nav",
            "w:del",
            "w:deltext",
            "w:instrtext",
            "mc:fallback",
            "text:tracked-changes",
            "office:annotation",
            "text:note",
            "office:forms");
    private static final Set<String> PARAGRAPHS =
            Set.of("p", "div", "section", "article", "blockquote", "pre", "dt", "dd", "w:p", "text:p", "figcaption");
    private static final Set<String> HEADINGS = Set.of("h1", "h2", "h3", "h4", "h5", "h6", "text:h");
    private static final Set<String> LISTS = Set.of("ul", "ol", "text:list");
    private static final Set<String> ITEMS = Set.of("li", "text:list-item");
    private static final Set<String> ROWS = Set.of("tr", "w:tr", "table:table-row");
    private static final Set<String> CELLS = Set.of("td", "th", "w:tc", "table:table-cell");
    private static final Set<String> BREAKS = Set.of("br", "w:br", "w:cr", "text:line-break");
    private static final Set<String> TABS = Set.of("w:tab", "text:tab");
    private static final Set<String> CONTAINERS =
            Set.of("table", "tbody", "main", "body", "w:tbl", "w:body", "w:sdt", "table:table");
    private static final int DEEPEST = 200;

    private final TextLines lines = new TextLines();

    private MarkupDocument() {}

    static String textOf(Element root) {
        MarkupDocument document = new MarkupDocument();
        document.block(root, 0, 0);
        return document.lines.text();
    }

    /** Goes through what holds paragraphs; words that stand loose between them are paragraphs too. */
    private void block(Element parent, int listDepth, int depth) {
        StringBuilder loose = new StringBuilder();
        for (Node node : parent.childNodes()) {
            if (node instanceof TextNode text) {
                loose.append(text.getWholeText().replaceAll("\\s+", " "));
            } else if (node instanceof Element element && !SKIPPED.contains(name(element))) {
                if (isInline(element)) {
                    inline(element, loose, depth + 1);
                } else {
                    flush(loose);
                    child(element, listDepth, depth);
                }
            }
        }
        flush(loose);
    }

    private void flush(StringBuilder loose) {
        if (!loose.toString().isBlank()) {
            lines.paragraph(loose.toString());
        }
        loose.setLength(0);
    }

    private void child(Element element, int listDepth, int depth) {
        String name = name(element);
        if (depth >= DEEPEST) {
            lines.paragraph(element.text());
        } else if (HEADINGS.contains(name)) {
            lines.heading(inlineText(element));
        } else if (ROWS.contains(name)) {
            lines.row(cells(element));
        } else if (LISTS.contains(name)) {
            for (Element item : element.children()) {
                if (ITEMS.contains(name(item))) {
                    item(item, listDepth, depth + 1);
                }
            }
        } else if (PARAGRAPHS.contains(name) && !holdsBlocks(element)) {
            paragraph(element);
        } else {
            block(element, listDepth, depth + 1);
        }
    }

    private void item(Element item, int listDepth, int depth) {
        StringBuilder own = new StringBuilder();
        List<Element> inner = new ArrayList<>();
        for (Node node : item.childNodes()) {
            if (node instanceof Element element && LISTS.contains(name(element))) {
                inner.add(element);
            } else if (node instanceof Element element) {
                own.append(own.isEmpty() ? "" : " ");
                inline(element, own, depth);
            } else if (node instanceof TextNode text) {
                own.append(text.text());
            }
        }
        lines.item(listDepth, own.toString());
        inner.forEach(list -> child(list, listDepth + 1, depth + 1));
    }

    /** A word processor's list items and headings are paragraphs with a property. */
    private void paragraph(Element paragraph) {
        String text = inlineText(paragraph);
        Element style = paragraph.selectFirst("> w|pPr > w|pStyle, > w\\:pPr > w\\:pStyle");
        Element level = paragraph.selectFirst("> w|pPr > w|numPr > w|ilvl, > w\\:pPr > w\\:numPr > w\\:ilvl");
        if (style != null && style.attr("w:val").toLowerCase(Locale.ROOT).startsWith("heading")) {
            lines.heading(text);
        } else if (level != null) {
            lines.item(level.attr("w:val").matches("\\d") ? Integer.parseInt(level.attr("w:val")) : 0, text);
        } else {
            lines.paragraph(text);
        }
    }

    private List<String> cells(Element row) {
        List<String> cells = new ArrayList<>();
        for (Element cell : row.children()) {
            if (CELLS.contains(name(cell))) {
                cells.add(inlineText(cell));
            }
        }
        return cells;
    }

    private static String inlineText(Element element) {
        StringBuilder text = new StringBuilder();
        inline(element, text, 0);
        return text.toString();
    }

    private static void inline(Element element, StringBuilder text, int depth) {
        String name = name(element);
        if (SKIPPED.contains(name) || depth > DEEPEST) {
            return;
        }
        if (BREAKS.contains(name)) {
            text.append('\n');
        } else if (TABS.contains(name)) {
            text.append('\t');
        } else if (name.equals("text:s")) {
            text.append(' ');
        }
        boolean exact = name.equals("w:t") || name.equals("pre");
        for (Node node : element.childNodes()) {
            if (node instanceof TextNode words) {
                // Between the parts of a word processor's paragraph blanks are layout of the file.
                if (exact) {
                    text.append(words.getWholeText());
                } else if (!words.isBlank() || !name.startsWith("w:")) {
                    text.append(words.getWholeText().replaceAll("\\s+", " "));
                }
            } else if (node instanceof Element child) {
                if (PARAGRAPHS.contains(name(child)) && !text.isEmpty()) {
                    text.append('\n');
                }
                inline(child, text, depth + 1);
            }
        }
    }

    private static boolean isInline(Element element) {
        return !isBlock(name(element)) && !holdsBlocks(element);
    }

    private static boolean holdsBlocks(Element element) {
        return element.children().stream()
                .map(MarkupDocument::name)
                .anyMatch(name -> isBlock(name) || CONTAINERS.contains(name) || name.startsWith("office:"));
    }

    private static boolean isBlock(String name) {
        return HEADINGS.contains(name) || ROWS.contains(name) || LISTS.contains(name) || PARAGRAPHS.contains(name);
    }

    private static String name(Element element) {
        return element.normalName();
    }
}
