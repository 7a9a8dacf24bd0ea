package org.ledgerlamp.core.lamp;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.time.Calendar;

/**
 * Finds the days a question is about: "last quarter", "in March", "the week of the 9th". The ledger holds what was, so
 * the latest such days up to the day of asking are meant; a month that is named for what is to come is the coming one
 * where the question says so ("by", "until", "due in").
 */
final class PeriodReader {
    private static final String MONTH =
            "(?:january|february|march|april|may|june|july|august|september|october|november|december"
                    + "|jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec)";
    private static final String DAY =
            "(?:monday|tuesday|wednesday|thursday|friday|saturday|sunday|mon|tues?|wed|thurs?|fri)";
    private static final String ORDINAL = "(?<n>\\d{1,2})(?:st|nd|rd|th)?";
    private static final String YEAR = "(?:,?\\s+(?<year>20\\d\\d))?";
    private static final int DAYS_OF_A_WEEK = 7;
    private static final int MONTHS_OF_A_QUARTER = 3;

    /** What was found and where it stands in the question. */
    record Found(Period period, Span span) {}

    private interface Meaning {
        Period of(MatchResult said, LocalDate today);
    }

    private record Rule(Pattern pattern, Meaning meaning) {}

    private static final List<Rule> RULES = new ArrayList<>();

    static {
        rule("(?<iso>20\\d\\d-\\d\\d-\\d\\d)", (m, t) -> day(m, LocalDate.parse(m.group("iso"))));
        rule(
                "(?:from|between)\\s+(?<from>" + MONTH + ")\\s+(?:to|until|till|through|and)\\s+(?<to>" + MONTH + ")"
                        + YEAR,
                PeriodReader::months);
        rule(
                "(?:in\\s+|for\\s+)?(?:the\\s+)?week\\s+(?:of|beginning|starting|from)\\s+(?:the\\s+)?" + ORDINAL
                        + "(?:\\s+(?:of\\s+)?(?<month>" + MONTH + "))?" + YEAR,
                (m, t) -> weekOf(m, dayOfMonth(m, t)));
        rule(
                "(?:on\\s+)?(?:" + DAY + ",?\\s+)?(?:the\\s+)?" + ORDINAL + "\\s+(?:of\\s+)?(?<month>" + MONTH + ")"
                        + YEAR,
                (m, t) -> day(m, dayOfMonth(m, t)));
        rule(
                "(?:on\\s+)?(?<month>" + MONTH + ")\\s+(?:the\\s+)?" + ORDINAL + "(?!\\d)" + YEAR,
                (m, t) -> day(m, dayOfMonth(m, t)));
        rule("(?:on|of)\\s+the\\s+(?<n>\\d{1,2})(?:st|nd|rd|th)", (m, t) -> day(m, dayOfMonth(m, t)));
        rule(
                "(?:in\\s+|from\\s+|during\\s+)?(?:the\\s+)?last\\s+(?<n>\\d{1,2})\\s+(?<unit>day|week|month)s",
                (m, t) -> back(m, t));
        rule(
                "(?:in\\s+|from\\s+|during\\s+|over\\s+)?(?:the\\s+)?(?:last|past|previous)\\s+(?<unit>week|month|quarter|year)",
                (m, t) -> whole(m, t, m.group("unit"), -1));
        rule(
                "(?:in\\s+|so\\s+far\\s+|over\\s+|during\\s+)?(?:this|the)\\s+(?<unit>week|month|quarter|year)(?:\\s+so\\s+far)?",
                (m, t) -> whole(m, t, m.group("unit"), 0));
        rule(
                "(?:in\\s+|during\\s+)?(?:the\\s+)?(?:q(?<n>[1-4])|(?<nth>first|second|third|fourth|last)\\s+quarter(?:\\s+of)?)"
                        + YEAR,
                PeriodReader::quarter);
        rule("since\\s+(?<month>" + MONTH + ")" + YEAR, (m, t) -> month(m, t, "month")
                .map(p -> new Period(p.from(), t, m.group()))
                .orElse(null));
        rule("since\\s+easter", PeriodReader::sinceEaster);
        rule("(?:since|after)\\s+(?:last\\s+)?(?<day>" + DAY + ")", (m, t) -> new Period(last(m, t), t, m.group()));
        rule("yesterday", (m, t) -> day(m, t.minusDays(1)));
        rule("(?:as\\s+of\\s+)?today", (m, t) -> day(m, t));
        rule("(?:(?:on|last)\\s+)+(?<day>" + DAY + ")", (m, t) -> day(m, last(m, t)));
        rule(
                "(?:in|during|from|of|for|at|by|until|till|back\\s+in|last|this)\\s+(?:the\\s+)?(?:(?:early|late|mid|(?:start|beginning|middle|end)\\s+of)[\\s-]+)?(?<month>"
                        + MONTH + ")" + YEAR,
                (m, t) -> month(m, t, "month").orElse(null));
        rule("(?:in|during|of|for)\\s+(?<only>20\\d\\d)", (m, t) -> {
            int year = Integer.parseInt(m.group("only"));
            return new Period(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31), m.group());
        });
        rule("(?:the|our|last|this|s)\\s+(?<month>" + MONTH + ")(?=\\s+\\p{L})" + YEAR, (m, t) -> month(m, t, "month")
                .orElse(null));
    }

    private PeriodReader() {}

    private static void rule(String pattern, Meaning meaning) {
        RULES.add(new Rule(
                Pattern.compile("(?<![\\p{L}\\p{N}])(?:" + pattern + ")(?![\\p{L}\\p{N}])", Pattern.CASE_INSENSITIVE),
                meaning));
    }

    /**
     * The days a question is about, of several the one said by most words; empty where none are said or none can be
     * resolved.
     */
    static Optional<Found> in(String question, LocalDate today) {
        MatchResult longest = null;
        Rule rule = null;
        for (Rule candidate : RULES) {
            Matcher m = candidate.pattern().matcher(question);
            while (m.find()) {
                if (longest == null || m.end() - m.start() > longest.end() - longest.start()) {
                    longest = m.toMatchResult();
                    rule = candidate;
                }
            }
        }
        Period period = longest == null ? null : resolved(rule, longest, today);
        return period == null
                ? Optional.empty()
                : Optional.of(new Found(period, new Span(longest.start(), longest.end())));
    }

    private static Period resolved(Rule rule, MatchResult said, LocalDate today) {
        try {
            return rule.meaning().of(said, today);
        } catch (DateTimeException e) {
            return null; // "the 31st of June" is no day
        }
    }

    private static Period day(MatchResult m, LocalDate day) {
        return day == null ? null : new Period(day, day, m.group());
    }

    private static Period weekOf(MatchResult m, LocalDate day) {
        LocalDate monday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return new Period(monday, monday.plusDays(DAYS_OF_A_WEEK - 1L), m.group());
    }

    private static Period back(MatchResult m, LocalDate today) {
        int n = Integer.parseInt(m.group("n"));
        LocalDate from =
                switch (m.group("unit").toLowerCase(Locale.ROOT)) {
                    case "day" -> today.minusDays(n);
                    case "week" -> today.minusWeeks(n);
                    default -> today.minusMonths(n);
                };
        return new Period(from, today, m.group());
    }

    private static Period whole(MatchResult m, LocalDate today, String unit, int steps) {
        LocalDate from;
        LocalDate next;
        switch (unit.toLowerCase(Locale.ROOT)) {
            case "week" -> {
                from = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
                        .plusWeeks(steps);
                next = from.plusWeeks(1);
            }
            case "month" -> {
                from = today.withDayOfMonth(1).plusMonths(steps);
                next = from.plusMonths(1);
            }
            case "quarter" -> {
                from = firstOfQuarter(today).plusMonths((long) steps * MONTHS_OF_A_QUARTER);
                next = from.plusMonths(MONTHS_OF_A_QUARTER);
            }
            default -> {
                from = today.withDayOfYear(1).plusYears(steps);
                next = from.plusYears(1);
            }
        }
        return new Period(from, next.minusDays(1), m.group());
    }

    private static LocalDate firstOfQuarter(LocalDate day) {
        return day.withDayOfMonth(1).minusMonths((day.getMonthValue() - 1L) % MONTHS_OF_A_QUARTER);
    }

    private static Period quarter(MatchResult m, LocalDate today) {
        if ("last".equalsIgnoreCase(m.group("nth")) && m.group("year") == null) {
            return null; // "last quarter" is the one before this
        }
        int n = m.group("n") != null
                ? Integer.parseInt(m.group("n"))
                : List.of("first", "second", "third", "fourth")
                                .indexOf(m.group("nth").toLowerCase(Locale.ROOT))
                        + 1;
        int year = m.group("year") == null ? today.getYear() : Integer.parseInt(m.group("year"));
        LocalDate from = LocalDate.of(year, (n == 0 ? 4 : n) * MONTHS_OF_A_QUARTER - 2, 1);
        if (m.group("year") == null && from.isAfter(today)) {
            from = from.minusYears(1);
        }
        return new Period(from, from.plusMonths(MONTHS_OF_A_QUARTER).minusDays(1), m.group());
    }

    private static Period sinceEaster(MatchResult m, LocalDate today) {
        LocalDate easter = Calendar.easterOf(today.getYear());
        return new Period(easter.isAfter(today) ? Calendar.easterOf(today.getYear() - 1) : easter, today, m.group());
    }

    private static Period months(MatchResult m, LocalDate today) {
        Optional<Period> to = month(m, today, "to");
        if (to.isEmpty()) {
            return null;
        }
        int months = Math.floorMod(
                monthOf(m.group("to")).getValue() - monthOf(m.group("from")).getValue(), 12);
        return new Period(to.get().from().minusMonths(months), to.get().to(), m.group());
    }

    /** The latest such month that has begun; the coming one where the question looks ahead. */
    private static Optional<Period> month(MatchResult m, LocalDate today, String group) {
        Month month = monthOf(m.group(group));
        int year = m.group("year") == null ? today.getYear() : Integer.parseInt(m.group("year"));
        LocalDate first = LocalDate.of(year, month, 1);
        boolean ahead = m.group().matches("(?is)(?:by|until|till)\\s.*");
        if (m.group("year") == null && !ahead && first.isAfter(today)) {
            first = first.minusYears(1);
        }
        return Optional.of(new Period(first, first.with(TemporalAdjusters.lastDayOfMonth()), m.group()));
    }

    private static LocalDate dayOfMonth(MatchResult m, LocalDate today) {
        int n = Integer.parseInt(m.group("n"));
        boolean hasMonth = m.namedGroups().containsKey("month") && m.group("month") != null;
        boolean hasYear = m.namedGroups().containsKey("year") && m.group("year") != null;
        if (hasMonth) {
            LocalDate day = LocalDate.of(
                    hasYear ? Integer.parseInt(m.group("year")) : today.getYear(), monthOf(m.group("month")), n);
            long monthsAhead = (day.getYear() - today.getYear()) * 12L + day.getMonthValue() - today.getMonthValue();
            return hasYear || monthsAhead <= MONTHS_OF_A_QUARTER ? day : day.minusYears(1);
        }
        LocalDate day = today.withDayOfMonth(1);
        while (n > day.lengthOfMonth() || day.withDayOfMonth(n).isAfter(today)) {
            day = day.minusMonths(1);
        }
        return day.withDayOfMonth(n);
    }

    private static LocalDate last(MatchResult m, LocalDate today) {
        String head = m.group("day").toLowerCase(Locale.ROOT).substring(0, 3);
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day.name().toLowerCase(Locale.ROOT).startsWith(head)) {
                return today.with(TemporalAdjusters.previous(day));
            }
        }
        throw new IllegalArgumentException(head);
    }

    private static Month monthOf(String name) {
        String head = name.toLowerCase(Locale.ROOT).substring(0, 3);
        for (Month month : Month.values()) {
            if (month.name().toLowerCase(Locale.ROOT).startsWith(head)) {
                return month;
            }
        }
        throw new IllegalArgumentException(name);
    }
}
