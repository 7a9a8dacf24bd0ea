package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The YAML before a Markdown page: texts by name, and lists of rows whose fields stand between bars. */
final class FrontMatter {
    private static final String FENCE = "---";
    private static final String BAR = " | ";

    private final Map<String, String> texts = new LinkedHashMap<>();
    private final Map<String, List<String>> lists = new LinkedHashMap<>();

    /** Adds a text; nothing where it is null. */
    FrontMatter with(String name, Object value) {
        if (value != null) {
            texts.put(name, value.toString());
        }
        return this;
    }

    /** Adds a row to a list. */
    void row(String name, Object... fields) {
        List<String> escaped = new ArrayList<>();
        for (Object field : fields) {
            escaped.add(
                    field == null
                            ? ""
                            : field.toString()
                                    .replace("\\", "\\\\")
                                    .replace("|", "\\p")
                                    .replace("\n", "\\n"));
        }
        lists.computeIfAbsent(name, n -> new ArrayList<>()).add(String.join(BAR, escaped));
    }

    /** The text of that name, or null. */
    String text(String name) {
        return texts.get(name);
    }

    /** The rows of that name, in order; an empty field is null. */
    List<Row> rows(String name) {
        return lists.getOrDefault(name, List.of()).stream().map(Row::of).toList();
    }

    /** The fields of a row. */
    record Row(List<String> fields) {
        private static Row of(String row) {
            List<String> fields = new ArrayList<>();
            for (String field : row.split(" \\| ?", -1)) {
                fields.add(field.strip().isEmpty() ? null : unescaped(field));
            }
            return new Row(fields);
        }

        private static String unescaped(String field) {
            StringBuilder plain = new StringBuilder();
            for (int i = 0; i < field.length(); i++) {
                char c = field.charAt(i);
                if (c == '\\' && i + 1 < field.length()) {
                    char code = field.charAt(++i);
                    plain.append(code == 'p' ? '|' : code == 'n' ? '\n' : code);
                } else {
                    plain.append(c);
                }
            }
            return plain.toString();
        }

        /** A field, or null where it is empty or missing. */
        String at(int i) {
            return i < fields.size() ? fields.get(i) : null;
        }
    }

    String write() {
        StringBuilder out = new StringBuilder(FENCE).append('\n');
        texts.forEach((name, value) ->
                out.append(name).append(": ").append(quoted(value)).append('\n'));
        lists.forEach((name, rows) -> {
            out.append(name).append(":\n");
            rows.forEach(row -> out.append("  - ").append(quoted(row)).append('\n'));
        });
        return out.append(FENCE).append("\n\n").toString();
    }

    private static String quoted(String value) {
        return "\"" + value.replace("\\", "\\\\").replace("\"", "\\\"").replaceAll("\\s*\\R\\s*", " ") + "\"";
    }

    /** A page: what stands before it, and the rest. */
    record Split(FrontMatter matter, String body) {}

    /**
     * Reads what stands before a page.
     *
     * @throws IllegalArgumentException where the page does not begin with it, or a line of it cannot be understood
     */
    static Split read(String page) {
        List<String> lines = page.lines().toList();
        if (lines.isEmpty() || !lines.getFirst().equals(FENCE)) {
            throw new IllegalArgumentException("expected the page to begin with a line of three dashes");
        }
        FrontMatter matter = new FrontMatter();
        String list = null;
        for (int i = 1; i < lines.size(); i++) {
            String line = lines.get(i);
            if (line.equals(FENCE)) {
                return new Split(matter, String.join("\n", lines.subList(i + 1, lines.size())));
            }
            int colon = line.indexOf(':');
            if (line.startsWith("  - ")) {
                String name = Objects.requireNonNullElseGet(list, () -> unexpected(line));
                matter.lists.computeIfAbsent(name, n -> new ArrayList<>()).add(unquoted(line.substring(4)));
            } else if (colon > 0 && line.strip().length() == colon + 1) {
                list = line.substring(0, colon);
            } else if (colon > 0) {
                matter.texts.put(
                        line.substring(0, colon),
                        unquoted(line.substring(colon + 1).strip()));
            } else if (!line.isBlank()) {
                unexpected(line);
            }
        }
        throw new IllegalArgumentException("expected a second line of three dashes after the first");
    }

    private static String unexpected(String line) {
        throw new IllegalArgumentException("cannot understand \"" + line + "\" before the page");
    }

    private static String unquoted(String value) {
        if (value.length() < 2 || !value.startsWith("\"") || !value.endsWith("\"")) {
            return value;
        }
        return value.substring(1, value.length() - 1).replaceAll("\\\\(.)", "$1");
    }
}
