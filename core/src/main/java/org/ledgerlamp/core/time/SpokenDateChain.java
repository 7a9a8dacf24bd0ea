package org.ledgerlamp.core.time;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Dates of one sentence that lean on each other: "next week I'm there Tuesday" is Tuesday of next week, and "done by the
 * tenth, judged the week after" counts from the tenth.
 */
final class SpokenDateChain {
    private static final Pattern NEXT_WEEK =
            Pattern.compile("(?:some\\s?time\\s+)?(?:in\\s+)?next\\s+(?:week|wk)", Pattern.CASE_INSENSITIVE);
    private static final Pattern BETWEEN = Pattern.compile("[^.;?!]{0,40}");
    private static final Pattern AFTER = Pattern.compile(
            "(?<![\\p{L}])the\\s+(?<unit>week|day)\\s+after(?=\\s*(?:[.,;!?]|$|and\\b|or\\b|so\\b))",
            Pattern.CASE_INSENSITIVE);
    private static final int DAYS_OF_A_WEEK = 7;

    private SpokenDateChain() {}

    /** {@code dates} of {@code text} in order, those that lean on an earlier one resolved by it. */
    static List<SpokenDate> linked(String text, List<SpokenDate> dates, Calendar calendar) {
        List<SpokenDate> linked = new ArrayList<>();
        for (SpokenDate date : dates) {
            SpokenDate before = linked.isEmpty() ? null : linked.getLast();
            if (before != null && isDayOf(before, date, text, calendar)) {
                linked.set(
                        linked.size() - 1,
                        new SpokenDate(
                                date.start(),
                                date.end(),
                                before.words() + " " + date.words(),
                                calendar.ofNextWeek(date.date().getDayOfWeek())));
            } else {
                linked.add(date);
            }
        }
        Matcher after = AFTER.matcher(text);
        while (after.find()) {
            int at = after.start();
            linked.stream()
                    .filter(d -> d.end() <= at && d.date() != null)
                    .max(Comparator.comparingInt(SpokenDate::end))
                    .map(d -> new SpokenDate(at, after.end(), after.group(), following(d.date(), after.group("unit"))))
                    .ifPresent(linked::add);
        }
        linked.sort(Comparator.comparingInt(SpokenDate::start));
        return linked;
    }

    private static boolean isDayOf(SpokenDate week, SpokenDate day, String text, Calendar calendar) {
        return NEXT_WEEK.matcher(text.substring(week.start(), week.end())).matches()
                && BETWEEN.matcher(text.substring(week.end(), day.start())).matches()
                && day.date() != null
                && day.date().isBefore(calendar.today().plusDays(DAYS_OF_A_WEEK + 1L))
                && day.date().isAfter(calendar.today())
                && !day.words().toLowerCase(Locale.ROOT).contains("tomorrow");
    }

    /** The next day; Friday of the next week. */
    private static LocalDate following(LocalDate date, String unit) {
        return unit.equalsIgnoreCase("day") ? date.plusDays(1) : new Calendar(date, null).ofNextWeek(DayOfWeek.FRIDAY);
    }
}
