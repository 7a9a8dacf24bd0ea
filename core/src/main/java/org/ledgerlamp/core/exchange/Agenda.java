package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the agenda in an invitation's text: what stands below "Agenda:", or else the longest list in it. */
public final class Agenda {
    private static final Pattern HEAD = Pattern.compile(
            "^(?:draft |proposed |today's )?agenda(?: items)?\\s*[:.-]?\\s*(?<rest>.*)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern ITEM =
            Pattern.compile("^(?:[-*•–]|\\(?\\d{1,2}[.):]\\)?|[a-z][.)])\\s*(?<item>\\S.*)$");
    private static final Pattern TIME = Pattern.compile(
            "^\\d{1,2}[:.]\\d{2}(?:\\s*(?:am|pm))?(?:\\s*[-–]\\s*\\d{1,2}[:.]\\d{2}(?:\\s*(?:am|pm))?)?\\s*[-–:,]?\\s*|\\s*[-–,:]?\\s*[(\\[]?\\b\\d{1,3}\\s*(?:min(?:ute)?s?|['’])[)\\]]?\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final int FEWEST = 2;
    private static final int MOST = 60;
    private static final int LONGEST = 160;

    private Agenda() {}

    /** The items in order, without their numbers and times; empty where there is no agenda. */
    public static List<String> in(String text) {
        if (text == null) {
            return List.of();
        }
        List<String> lines = text.lines().map(String::strip).toList();
        for (int i = 0; i < lines.size(); i++) {
            Matcher head = HEAD.matcher(lines.get(i));
            if (head.matches()) {
                List<String> items = below(head.group("rest"), lines.subList(i + 1, lines.size()));
                if (!items.isEmpty()) {
                    return items;
                }
            }
        }
        return longestList(lines);
    }

    /** Items on the head's own line parted by semicolons, or the lines below up to an empty one. */
    private static List<String> below(String rest, List<String> lines) {
        if (!rest.isBlank()) {
            List<String> items = new ArrayList<>();
            for (String part : rest.split(rest.contains(";") ? ";" : ",")) {
                add(part, items);
            }
            return items;
        }
        List<String> items = new ArrayList<>();
        for (String line : lines) {
            if (line.isEmpty() && items.isEmpty()) {
                continue;
            }
            if (line.isEmpty() || line.endsWith(":")) {
                break;
            }
            Matcher item = ITEM.matcher(line);
            add(item.matches() ? item.group("item") : line, items);
        }
        return items;
    }

    private static List<String> longestList(List<String> lines) {
        List<String> best = List.of();
        List<String> current = new ArrayList<>();
        for (String line : lines) {
            Matcher item = ITEM.matcher(line);
            if (item.matches()) {
                add(item.group("item"), current);
            } else if (!line.isEmpty()) {
                best = current.size() > best.size() ? current : best;
                current = new ArrayList<>();
            }
        }
        best = current.size() > best.size() ? current : best;
        return best.size() >= FEWEST ? List.copyOf(best) : List.of();
    }

    private static void add(String raw, List<String> items) {
        String item = TIME.matcher(raw.strip()).replaceAll("").strip();
        if (!item.isEmpty() && item.length() <= LONGEST && items.size() < MOST) {
            items.add(item);
        }
    }
}
