package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Takes out of an answer what it tells twice: the same words of the same meeting. */
final class Repeats {
    /** So many letters of what was said are hardly said twice. */
    private static final int SAME = 30;

    private Repeats() {}

    /** The statements without those that repeat one before them; of two that overlap the longer stays, in the first's place. */
    static List<Statement> without(List<Statement> statements) {
        List<Statement> told = new ArrayList<>();
        LocalDate day = null;
        for (Statement s : statements) {
            day = s.day() == null ? day : s.day();
            int before = repeated(told, s);
            if (before < 0) {
                boolean goesOn = !told.isEmpty() && told.getLast().meeting().equals(s.meeting());
                told.add(s.day() == null && !goesOn ? s.on(day) : s);
            } else if (s.text().length() > told.get(before).text().length()) {
                told.set(before, s.on(told.get(before).day()));
            }
        }
        return told;
    }

    private static int repeated(List<Statement> told, Statement s) {
        for (int i = 0; i < told.size(); i++) {
            Statement t = told.get(i);
            if (t.meeting().equals(s.meeting()) && t.said() == s.said() && (holds(t, s) || holds(s, t))) {
                return i;
            }
        }
        return -1;
    }

    /** Whether one holds what the other records; of what was said, the words the other begins with. */
    private static boolean holds(Statement one, Statement other) {
        String text = other.text();
        return one.text().contains(other.said() ? text.substring(0, Math.min(SAME, text.length())) : text);
    }
}
