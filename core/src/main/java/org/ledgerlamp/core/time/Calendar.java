package org.ledgerlamp.core.time;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;

/**
 * The days that relative expressions mean, seen from one meeting. Weeks start on Monday.
 *
 * @param today the meeting's date
 * @param nextMeeting the date of the next one of the series, or null
 */
public record Calendar(LocalDate today, LocalDate nextMeeting) {
    private static final int DAYS_STILL_TALKED_ABOUT = 21;

    /** The coming {@code day}: within the next seven days, never today. */
    LocalDate coming(DayOfWeek day) {
        return today.with(TemporalAdjusters.next(day));
    }

    /** {@code day} of the week after this one. */
    LocalDate ofNextWeek(DayOfWeek day) {
        return today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
                .plusWeeks(1)
                .with(TemporalAdjusters.nextOrSame(day));
    }

    /** Friday of this week; the coming one where this week's has passed. */
    LocalDate endOfWeek() {
        return today.with(TemporalAdjusters.nextOrSame(DayOfWeek.FRIDAY));
    }

    LocalDate endOfMonth() {
        return today.with(TemporalAdjusters.lastDayOfMonth());
    }

    LocalDate endOfQuarter() {
        int lastMonth = (today.getMonthValue() + 2) / 3 * 3;
        return today.withDayOfMonth(1).withMonth(lastMonth).with(TemporalAdjusters.lastDayOfMonth());
    }

    /** Last day of quarter 1 to 4, this year's unless it has passed. */
    LocalDate endOfQuarter(int quarter) {
        LocalDate end = LocalDate.of(today.getYear(), quarter * 3, 1).with(TemporalAdjusters.lastDayOfMonth());
        return end.isBefore(today) ? end.plusYears(1).with(TemporalAdjusters.lastDayOfMonth()) : end;
    }

    /** The coming {@code dayOfMonth}; today counts. Null where no month of the coming year has it. */
    LocalDate comingDayOfMonth(int dayOfMonth) {
        LocalDate month = today.withDayOfMonth(1);
        for (int i = 0; i < 12; i++, month = month.plusMonths(1)) {
            if (dayOfMonth <= month.lengthOfMonth()
                    && !month.withDayOfMonth(dayOfMonth).isBefore(today)) {
                return month.withDayOfMonth(dayOfMonth);
            }
        }
        return null;
    }

    /** The coming {@code day} of {@code month}, cut to the month's length; null where it has just passed: then that is meant. */
    LocalDate comingInMonth(Month month, int day) {
        LocalDate first = LocalDate.of(today.getYear(), month, 1);
        LocalDate date = first.withDayOfMonth(Math.min(day, first.lengthOfMonth()));
        if (date.isBefore(today) && date.isAfter(today.minusDays(DAYS_STILL_TALKED_ABOUT))) {
            return null;
        }
        if (date.isBefore(today)) {
            LocalDate later = first.plusYears(1);
            return later.withDayOfMonth(Math.min(day, later.lengthOfMonth()));
        }
        return date;
    }

    /** Friday of the month's nth week, of the last for 0; the coming such month. */
    LocalDate fridayOfWeek(int n, Month month) {
        LocalDate first = LocalDate.of(today.getYear(), month, 1);
        LocalDate end = first.with(TemporalAdjusters.lastDayOfMonth());
        end = end.isBefore(today) ? first.plusYears(1).with(TemporalAdjusters.lastDayOfMonth()) : end;
        return n == 0
                ? end.with(TemporalAdjusters.previousOrSame(DayOfWeek.FRIDAY))
                : end.with(TemporalAdjusters.dayOfWeekInMonth(n, DayOfWeek.FRIDAY));
    }

    /** The coming Easter Sunday. */
    LocalDate easter() {
        LocalDate thisYear = easterOf(today.getYear());
        return thisYear.isBefore(today) ? easterOf(today.getYear() + 1) : thisYear;
    }

    /** Easter Sunday of the Gregorian calendar, after the anonymous algorithm of 1876 (Meeus 1991). */
    public static LocalDate easterOf(int year) {
        int golden = year % 19;
        int century = year / 100;
        int moon = (19 * golden + century - century / 4 - (century - (century + 8) / 25 + 1) / 3 + 15) % 30;
        int weekday = (32 + 2 * (century % 4) + 2 * (year % 100 / 4) - moon - year % 100 % 4) % 7;
        int correction = (golden + 11 * moon + 22 * weekday) / 451;
        int day = moon + weekday - 7 * correction + 114;
        return LocalDate.of(year, day / 31, day % 31 + 1);
    }
}
