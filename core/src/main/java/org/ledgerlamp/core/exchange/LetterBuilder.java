package org.ledgerlamp.core.exchange;

import java.util.List;
import java.util.Locale;

/** Composes a letter of paragraphs, headings and lists, as text and as HTML at once. */
public final class LetterBuilder {
    private final StringBuilder text = new StringBuilder();
    private final StringBuilder html = new StringBuilder();

    /** Adds a heading. */
    public LetterBuilder heading(String heading) {
        return add(heading.toUpperCase(Locale.ROOT), "<h2>" + HtmlPage.escaped(heading) + "</h2>");
    }

    /** Adds a paragraph; its line breaks stay, an empty one adds nothing. */
    public LetterBuilder paragraph(String paragraph) {
        if (paragraph == null || paragraph.isBlank()) {
            return this;
        }
        String lines = paragraph.strip().replaceAll("\\R", "\n");
        return add(lines, "<p>" + HtmlPage.escaped(lines).replace("\n", "<br>\n") + "</p>");
    }

    /** Adds an address that leads somewhere; anything but http and https is written as mere text. */
    public LetterBuilder link(String address) {
        if (address == null || !address.matches("(?i)https?://\\S+")) {
            return paragraph(address);
        }
        return add(
                address, "<p><a href=\"" + HtmlPage.escaped(address) + "\">" + HtmlPage.escaped(address) + "</a></p>");
    }

    /** Adds a numbered list. */
    public LetterBuilder numbered(List<String> items) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < items.size(); i++) {
            lines.append(i == 0 ? "" : "\n").append(i + 1).append(". ").append(items.get(i));
        }
        return add(lines.toString(), "<ol>" + listed(items) + "</ol>");
    }

    /** Adds a list without numbers. */
    public LetterBuilder bulleted(List<String> items) {
        return add("- " + String.join("\n- ", items), "<ul>" + listed(items) + "</ul>");
    }

    private LetterBuilder add(String plain, String marked) {
        text.append(text.isEmpty() ? "" : "\n\n").append(plain);
        html.append(marked).append('\n');
        return this;
    }

    private static String listed(List<String> items) {
        StringBuilder listed = new StringBuilder();
        items.forEach(i -> listed.append("\n<li>").append(HtmlPage.escaped(i)).append("</li>"));
        return listed.append('\n').toString();
    }

    /** The letter; a subject stands on one line whatever it contained. */
    public Letter titled(String subject) {
        String line = Letter.oneLine(subject);
        return new Letter(
                line,
                text + "\n",
                "<!doctype html>\n<html lang=\"en\">\n<head><meta charset=\"utf-8\"><title>" + HtmlPage.escaped(line)
                        + "</title></head>\n<body>\n" + html + "</body>\n</html>\n");
    }
}
