package org.ledgerlamp.core.exchange;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VTodo;
import biweekly.property.Status;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Date;
import java.util.List;

/** Writes actions for other programs: as tasks of iCalendar, or as a table. */
public final class ActionsFile {
    private ActionsFile() {}

    /**
     * An action as others get it.
     *
     * @param uid what it is known by, the same at every export
     * @param number under which it can be cited, such as {@code 27.3}
     * @param text the line
     * @param owner full name, or null
     * @param due the day, or null
     * @param done the day it was done, or null while it is open
     * @param meeting title of the meeting it was taken on in
     * @param date the day of that meeting
     */
    public record Action(
            String uid,
            String number,
            String text,
            String owner,
            LocalDate due,
            LocalDate done,
            String meeting,
            LocalDate date) {}

    /** Tasks (RFC 5545, VTODO), due on whole days. */
    public static String calendar(List<Action> actions) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Ledger Lamp//EN");
        for (Action a : actions) {
            VTodo todo = new VTodo();
            todo.setUid(a.uid());
            todo.setDateTimeStamp(dayOf(a.date()));
            todo.setSummary(a.text());
            todo.setDescription(a.number() + ", " + a.meeting() + ", " + a.date()
                    + (a.owner() == null ? "" : "\nOwner: " + a.owner()));
            if (a.due() != null) {
                todo.setDateDue(dayOf(a.due()), false);
            }
            todo.setStatus(a.done() == null ? Status.needsAction() : Status.completed());
            if (a.done() != null) {
                todo.setCompleted(dayOf(a.done()));
            }
            calendar.addTodo(todo);
        }
        return Biweekly.write(calendar).go();
    }

    private static Date dayOf(LocalDate day) {
        return Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant());
    }

    /** A table with a head (RFC 4180). What a spreadsheet would take for a formula is marked as text. */
    public static String table(List<Action> actions) {
        return CsvTable.write(
                List.of("number", "action", "owner", "due", "done", "meeting", "date"),
                actions.stream()
                        .map(a -> Arrays.<Object>asList(
                                a.number(), a.text(), a.owner(), a.due(), a.done(), a.meeting(), a.date()))
                        .toList());
    }
}
