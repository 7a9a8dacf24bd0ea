package org.ledgerlamp.core.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;

/** Writes blocks as one HTML file without outside references. */
final class HtmlPage {
    private static final String STYLE = style();

    private HtmlPage() {}

    private static String style() {
        try (InputStream in = HtmlPage.class.getResourceAsStream("page.css")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static String write(String title, List<Block> blocks) {
        return """
                <!doctype html>
                <html lang="en">
                <head>
                <meta charset="utf-8">
                <meta name="viewport" content="width=device-width, initial-scale=1">
                <meta name="subject" content="Minutes: %1$s">
                <meta name="description" content="Minutes: %1$s">
                <title>%1$s</title>
                <style>
                %2$s</style>
                </head>
                <body>
                <main>
                %3$s</main>
                </body>
                </html>
                """
                .formatted(escaped(title), STYLE, body(blocks));
    }

    /** The blocks alone. */
    static String body(List<Block> blocks) {
        return blocks.stream().map(HtmlPage::block).collect(Collectors.joining());
    }

    private static String block(Block block) {
        return switch (block) {
            case Block.Title t ->
                "<h1>" + escaped(t.text()) + "</h1>\n<p class=\"below\">" + escaped(t.below()) + "</p>\n";
            case Block.Heading h -> "<h%1$d>%2$s</h%1$d>\n".formatted(h.level(), escaped(h.text()));
            case Block.Paragraph p ->
                "<p>" + p.text().lines().map(HtmlPage::escaped).collect(Collectors.joining("<br>\n")) + "</p>\n";
            case Block.Items items -> items(items);
            case Block.Table table -> table(table);
        };
    }

    private static String items(Block.Items items) {
        String all = items.items().stream().map(i -> item(items.style(), i)).collect(Collectors.joining("\n"));
        return switch (items.style()) {
            case NUMBERS -> "<ol>\n" + all + "\n</ol>\n";
            case RUN_ON -> "<p>" + all + "</p>\n";
            case BULLETS -> "<ul>\n" + all + "\n</ul>\n";
            case BOXES -> "<ul class=\"boxes\">\n" + all + "\n</ul>\n";
        };
    }

    private static String item(Block.Style style, Block.Item item) {
        String number = item.number() == null
                ? ""
                : "<span class=\"number\" id=\"n%1$s\">%1$s</span> ".formatted(escaped(item.number()));
        String box = style == Block.Style.BOXES
                ? "<span class=\"box%s\"></span>".formatted(item.ticked() ? " ticked" : "")
                : "";
        String aside = item.aside().isEmpty() ? "" : " <span class=\"aside\">(" + escaped(item.aside()) + ")</span>";
        String words = box + number + escaped(item.text()) + aside;
        return style == Block.Style.RUN_ON ? words : "<li>" + words + "</li>";
    }

    private static String table(Block.Table table) {
        StringBuilder html = new StringBuilder("<table>\n<thead><tr>");
        for (Block.Column c : table.columns()) {
            html.append("<th scope=\"col\"%s>".formatted(figures(c)))
                    .append(escaped(c.name()))
                    .append("</th>");
        }
        html.append("</tr></thead>\n<tbody>\n");
        for (List<String> row : table.rows()) {
            html.append("<tr>");
            for (int i = 0; i < row.size(); i++) {
                html.append("<td%s>".formatted(figures(table.columns().get(i))))
                        .append(escaped(row.get(i)))
                        .append("</td>");
            }
            html.append("</tr>\n");
        }
        return html.append("</tbody>\n</table>\n").toString();
    }

    private static String figures(Block.Column column) {
        return column.figures() ? " class=\"figures\"" : "";
    }

    static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
