package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;

/**
 * What became of one statement between two answers to the same question.
 *
 * @param before the statement as it was, or null where it is new
 * @param now the statement as it is, or null where it is said no longer
 */
public record AnswerChange(Statement before, Statement now) {
    /** Whether it says the same as before, from the same meeting. */
    public boolean isSame() {
        return before != null && now != null && saysTheSame(before, now);
    }

    /**
     * Compares two answers. A statement that rests on the same place as one before is that statement, however it is worded
     * now; what rests on places of its own is new.
     *
     * @return the statements of now in order, each with what it was; after them those that are said no longer
     */
    public static List<AnswerChange> between(List<Statement> before, List<Statement> now) {
        List<Statement> left = new ArrayList<>(before);
        Statement[] was = new Statement[now.size()];
        for (int i = 0; i < was.length; i++) {
            was[i] = taken(left, now.get(i), true);
        }
        List<AnswerChange> changes = new ArrayList<>();
        for (int i = 0; i < was.length; i++) {
            Statement is = now.get(i);
            changes.add(new AnswerChange(was[i] == null ? taken(left, is, false) : was[i], is));
        }
        left.forEach(gone -> changes.add(new AnswerChange(gone, null)));
        return changes;
    }

    private static Statement taken(List<Statement> left, Statement now, boolean toTheWord) {
        for (Statement before : left) {
            if (toTheWord ? saysTheSame(before, now) : restsOnTheSame(before, now)) {
                left.remove(before);
                return before;
            }
        }
        return null;
    }

    private static boolean saysTheSame(Statement a, Statement b) {
        return a.lead().equals(b.lead()) && a.text().equals(b.text()) && restsOnTheSame(a, b);
    }

    private static boolean restsOnTheSame(Statement a, Statement b) {
        Citation one = a.citations().getFirst();
        Citation other = b.citations().getFirst();
        return one.meeting().equals(other.meeting())
                && (one.line() == null
                        ? other.line() == null && one.passage() == other.passage()
                        : one.line().equals(other.line()));
    }
}
