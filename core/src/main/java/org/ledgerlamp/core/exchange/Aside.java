package org.ledgerlamp.core.exchange;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.time.WrittenDay;

/** What stands beside a line: who is to do it, by when, and how a decision was received. */
final class Aside {
    static final String OWNER_OPEN = "owner open";
    static final String BETWEEN = "; ";

    private Aside() {}

    static String of(CopyLine line) {
        List<String> parts = new ArrayList<>();
        add(parts, owner(line));
        add(parts, when(line));
        add(parts, standing(line));
        return String.join(BETWEEN, parts);
    }

    private static void add(List<String> parts, String part) {
        if (!part.isEmpty()) {
            parts.add(part);
        }
    }

    /** Who is to do it, where the line does not begin with the name. */
    private static String owner(CopyLine line) {
        if (line.owner() == null) {
            return line.kind() == Kind.ACTION ? OWNER_OPEN : "";
        }
        return isNamed(line) ? "" : line.owner();
    }

    private static boolean isNamed(CopyLine line) {
        return line.kind() == Kind.ACTION && beginsWith(line.text(), line.owner());
    }

    /** Whether a line begins with a name, and not just with a longer one. */
    static boolean beginsWith(String text, String name) {
        return text.startsWith(name)
                && (text.length() == name.length() || !Character.isLetterOrDigit(text.charAt(name.length())));
    }

    /** The day, or the words for it where it is none. */
    static String when(CopyLine line) {
        if (line.due() != null) {
            return WrittenDay.of(line.due());
        }
        return line.dueWords() == null || line.dueWords().isBlank() ? "" : "“" + line.dueWords() + "”";
    }

    static String standing(CopyLine line) {
        return line.backing() == null ? "" : line.backing().standing().label();
    }
}
