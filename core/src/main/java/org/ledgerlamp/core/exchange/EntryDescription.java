package org.ledgerlamp.core.exchange;

/** The text of a calendar entry: its own, and below it the minutes of the meeting, once they were circulated. */
public final class EntryDescription {
    private static final String MARK = "~~~ Minutes, kept in the Ledger Lamp ~~~";
    private static final int MOST = 20_000;

    private EntryDescription() {}

    /** The text without any minutes; null where nothing else stands there. */
    public static String own(String description) {
        if (description == null) {
            return null;
        }
        int at = description.indexOf(MARK);
        String own = (at < 0 ? description : description.substring(0, at)).strip();
        return at < 0 ? description : own.isEmpty() ? null : own;
    }

    /** The text with other words of its own; minutes below it stay. */
    public static String withOwn(String description, String own) {
        int at = description == null ? -1 : description.indexOf(MARK);
        return at < 0 ? own : joined(own, description.substring(at));
    }

    /** The text with these minutes below it, in place of those that stood there before. */
    public static String withMinutes(String description, String minutes) {
        String fit = minutes.strip();
        return joined(own(description), MARK + "\n\n" + (fit.length() > MOST ? fit.substring(0, MOST) + " …" : fit));
    }

    private static String joined(String own, String below) {
        return own == null || own.isBlank() ? below : own.strip() + "\n\n" + below;
    }
}
