package org.ledgerlamp.core.lamp;

import java.util.List;
import java.util.regex.Pattern;

/** Tells whether a question is about the latest meeting alone: "the last steering group", but not "last week". */
final class Latest {
    private static final Pattern LAST = Pattern.compile(
            "\\b(?:the|our|at|in|of) (?:very )?(?:last|latest|most recent|previous)\\b(?! (?:few |couple |\\d|two |three |four |five |six )"
                    + "|(?: (?:week|month|quarter|year|day|time)s?\\b))",
            Pattern.CASE_INSENSITIVE);

    private Latest() {}

    /** Of meetings in order of time those that are meant. */
    static List<LampMeeting> meant(String question, List<LampMeeting> meetings) {
        return LAST.matcher(question).find() && meetings.size() > 1
                ? meetings.subList(meetings.size() - 1, meetings.size())
                : meetings;
    }
}
