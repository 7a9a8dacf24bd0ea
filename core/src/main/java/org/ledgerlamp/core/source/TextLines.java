package org.ledgerlamp.core.source;

import java.util.ArrayList;
import java.util.List;

/**
 * Collects a document's paragraphs, list items, headings and table rows as the lines of text that the layouts are read
 * from: a row of time, speaker and words becomes "[time] speaker: words".
 */
final class TextLines {
    private static final String HEADING = "# ";
    private static final String BULLET = "- ";
    private static final int LONGEST_NAME = 60;

    private final List<String> lines = new ArrayList<>();

    void paragraph(String text) {
        for (String line : text.split("\n", -1)) {
            lines.add(line.strip());
        }
    }

    /** A heading, unless it is a speaker's with a time. */
    void heading(String text) {
        String line = text.replace('\n', ' ').strip();
        boolean speaks = Clock.isIn(line);
        if (!line.isEmpty()) {
            lines.add(speaks ? line : HEADING + line);
        }
    }

    /** @param depth 0 for the outermost list */
    void item(int depth, String text) {
        String line = text.replace('\n', ' ').strip();
        if (!line.isEmpty()) {
            lines.add("\t".repeat(Math.max(0, depth)) + BULLET + line);
        }
    }

    void row(List<String> cells) {
        List<String> filled =
                cells.stream().map(c -> c.replaceAll("\\s+", " ").strip()).toList();
        String first = filled.isEmpty() ? "" : filled.getFirst();
        String last = filled.isEmpty() ? "" : filled.getLast();
        if (filled.size() == 3 && Clock.parse(first).isPresent()) {
            lines.add("[" + first + "] " + filled.get(1) + ": " + last);
        } else if (filled.size() == 3 && Clock.parse(filled.get(1)).isPresent()) {
            lines.add("[" + filled.get(1) + "] " + first + ": " + last);
        } else if (filled.size() == 2 && !first.isEmpty() && first.length() <= LONGEST_NAME) {
            lines.add(Clock.parse(first).isPresent() ? "[" + first + "] " + last : first + ": " + last);
        } else if (!isHead(filled)) {
            lines.add(
                    String.join(" | ", filled.stream().filter(c -> !c.isEmpty()).toList()));
        }
    }

    private static boolean isHead(List<String> cells) {
        return cells.stream().anyMatch(c -> c.matches("(?i)time|speaker|timestamp|start"));
    }

    String text() {
        return String.join("\n", lines);
    }
}
