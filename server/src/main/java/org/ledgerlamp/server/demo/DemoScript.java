package org.ledgerlamp.server.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Period;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.minutes.LineKind;

/** The demo data as {@code demo/skerry-line.json} writes it down. */
record DemoScript(
        String team, List<SignIn> members, List<PersonEntry> roster, List<Scene> meetings, List<String> tray) {

    /** A member and the password to sign in with; made up, so it may stand here. */
    record SignIn(String name, String email, String password) {}

    record PersonEntry(String name, String role, String email) {}

    /** What has become of a meeting. */
    enum Outcome {
        /** Nothing came in of it. */
        HELD,
        /** Drafted and not looked at yet. */
        PENCIL,
        /** Drafted, corrected and filed. */
        FILED
    }

    /**
     * A meeting.
     *
     * @param sources files beside the script
     * @param review by kind of line, the lines that a person lets stand; lines of other kinds stand as drafted
     */
    record Scene(
            String title,
            @Nullable String series,
            String kind,
            Day day,
            LocalTime start,
            int plannedMinutes,
            String location,
            List<String> people,
            List<String> agenda,
            List<String> sources,
            Outcome outcome,
            @Nullable Map<LineKind, List<Correction>> review,
            @Nullable String link,
            @Nullable String description) {}

    /** A day seen from the day of loading: a weekday some weeks ago, or some days ago. */
    record Day(@Nullable Integer weeksAgo, @Nullable DayOfWeek weekday, @Nullable Integer daysAgo) {
        LocalDate from(LocalDate today) {
            return weeksAgo == null
                    ? today.minusDays(daysAgo)
                    : today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
                            .minusWeeks(weeksAgo)
                            .with(TemporalAdjusters.nextOrSame(weekday));
        }
    }

    /**
     * A line as a person lets it stand.
     *
     * @param rests words of the source it rests on; null for the summary, which there is one of
     * @param due time from the meeting, such as {@code P3D}, or {@code END_OF_MONTH}
     */
    record Correction(@Nullable String rests, String text, @Nullable String owner, @Nullable String due) {
        @Nullable
        LocalDate dueFrom(LocalDate meeting) {
            if (due == null) {
                return null;
            }
            return due.equals("END_OF_MONTH")
                    ? meeting.with(TemporalAdjusters.lastDayOfMonth())
                    : meeting.plus(Period.parse(due));
        }
    }
}
