package org.ledgerlamp.core.time;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Finds dates said in speech and resolves them against the meeting's calendar. One rule an expression; of rules that
 * match overlapping words the longer match wins, then the earlier rule.
 */
public final class SpokenDates {
    /** "Sat" and "sun" are words as well: they are days only behind what leads up to a day. */
    private static final String DAY =
            "(?:mon|tues|wednes|thurs|fri|satur|setter|sun)day|mon|tues?|weds?|thu(?:rs?)?|fri"
                    + "|(?<=\\b(?:on|by|this|next|until|till|before|for|from|coming)\\s)(?:sat|sun)";

    private static final String MONTH =
            "january|february|march|april|may|june|july|august|september|october|november|december"
                    + "|jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec";
    private static final String YEAR = "(?:,?\\s+(?<year>20\\d{2}))?";
    private static final String PART = "(?:\\s+(?:morning|noon|lunchtime|afternoon|evening|night))?";

    private interface Meaning {
        LocalDate of(MatchResult said, Calendar calendar);
    }

    private record Rule(Pattern pattern, Meaning meaning) {}

    private static final List<Rule> RULES = new ArrayList<>();

    static {
        rule("(?<iso>20\\d{2}-\\d{2}-\\d{2})", (m, c) -> LocalDate.parse(m.group("iso")));
        String dayOfMonth = "(?<n>" + Numerals.ORDINAL + "|\\d{1,2})";
        rule(
                "(?:(?:" + DAY + "),?\\s+)?(?:the\\s+)?" + dayOfMonth + "\\s+(?:of\\s+)?(?<month>" + MONTH + ")\\b"
                        + YEAR,
                SpokenDates::dayAndMonth);
        rule(
                "(?:(?:" + DAY + "),?\\s+)?(?<month>" + MONTH + ")\\s+(?:the\\s+)?" + dayOfMonth + "\\b" + YEAR,
                SpokenDates::dayAndMonth);
        rule(
                "(?:" + DAY + ")(?:\\s+(?:before|after|week))?,?\\s+(?:the\\s+)?(?<n>" + Numerals.ORDINAL + ")",
                (m, c) -> c.comingDayOfMonth(number(m, "n")));
        rule(
                "(?:by|before|until|till|on|for|from)\\s+the\\s+(?<n>" + Numerals.ORDINAL
                        + ")(?=\\s*(?:[.,;?!]|$|at\\b|and\\b|or\\b|if\\b|then\\b|when\\b|so\\b|for\\b|with\\b))",
                (m, c) -> c.comingDayOfMonth(number(m, "n")));
        rule("(?:the\\s+)?(?<n>" + Numerals.ORDINAL + ")\\s+of\\s+this\\s+month", (m, c) -> c.today()
                .withDayOfMonth(number(m, "n")));
        rule(
                "(?:the\\s+)?(?<n>" + Numerals.ORDINAL + ")\\s+of\\s+next\\s+month",
                (m, c) -> c.today().withDayOfMonth(1).plusMonths(1).withDayOfMonth(number(m, "n")));
        rule(
                "the\\s+(?<n>(?!first|second|third|1st|2nd|3rd)" + Numerals.ORDINAL
                        + ")(?!\\s+(?:of\\s+)?\\p{L}{3,}ly)(?=\\s*(?:[.,;?!]|$|at\\b|and\\b|or\\b|if\\b|then\\b|when\\b|so\\b|is\\b|we\\b|to\\b))",
                (m, c) -> c.comingDayOfMonth(number(m, "n")));
        rule(
                "(?<n>" + Numerals.ORDINAL
                        + ")(?=\\s+(?:works|suits|is\\s+fine|would\\s+(?:do|work|suit)|it\\s+is|then)\\b|['’]s\\s+(?:fine|good)\\b)(?<=^.{3,20})",
                (m, c) -> c.comingDayOfMonth(number(m, "n")));
        rule("a\\s+week\\s+(?:on|from)\\s+(?<day>" + DAY + ")", (m, c) -> c.coming(day(m))
                .plusWeeks(1));
        rule("(?<day>" + DAY + ")\\s+week\\b(?!\\s*(?:end|day))", (m, c) -> c.coming(day(m))
                .plusWeeks(1));
        rule("(?<day>" + DAY + ")\\s+(?:of\\s+)?next\\s+week" + PART, (m, c) -> c.ofNextWeek(day(m)));
        rule("next\\s+week,?\\s+(?:on\\s+)?(?<day>" + DAY + ")" + PART, (m, c) -> c.ofNextWeek(day(m)));
        rule("next\\s+(?<day>" + DAY + ")" + PART, (m, c) -> c.ofNextWeek(day(m)));
        rule(
                "(?:(?:first\\s+thing|this|coming|on|by|before|until|till|for|end\\s+of)\\s+){0,3}(?<day>" + DAY + ")"
                        + PART,
                SpokenDates::weekday);
        rule(
                "(?:the\\s+)?end\\s+of\\s+(?:the|this)\\s+week|(?:later\\s+|within\\s+)?this\\s+(?:week|wk)|end\\s+of\\s+week",
                (m, c) -> c.endOfWeek());
        rule(
                "(?:(?:the\\s+)?end\\s+of\\s+|(?:some\\s?time\\s+)?(?:in\\s+)?)next\\s+(?:week|wk)",
                (m, c) -> c.ofNextWeek(DayOfWeek.FRIDAY));
        rule(
                "(?:(?:the\\s+)?middle\\s+of|mid)[\\s-]+next\\s+week|midweek\\s+next\\s+week",
                (m, c) -> c.ofNextWeek(DayOfWeek.WEDNESDAY));
        rule(
                "(?:today|tonight|the\\s+nicht|(?<!\\b(?:of|on|for|in|all|by|through|over|during)\\s)the\\s+night(?=\\s*[.,;!?]|$)|(?<!\\b(?:of|on|for|in|all|by|half|save)\\s)the\\s+day(?=\\s*[.,;!?]|$)|(?<=\\bi['’]ll\\s.{1,60}\\s)now(?=\\s*[.,;!]|$)|(?:straight|right)\\s+away"
                        + "|(?:as\\s+)?soon\\s+as\\s+(?:we|i)(?:['’](?:re|m)|\\s+are|\\s+am)\\s+(?:done|finished|through|out\\s+of\\s+(?:here|this))(?:\\s+here)?|when\\s+i\\s+get\\s+(?:home|back\\s+to\\s+my\\s+desk)|(?:at|over)\\s+(?:lunch|dinner)(?:[\\s-]?time)?|after\\s+lunch|after\\s+this(?=\\s*[.,;!?]|$)|this\\s+(?:afternoon|evening)|(?:by\\s+)?(?:the\\s+)?(?:end\\s+of\\s+(?:the\\s+)?day|close\\s+of\\s+(?:play|business))"
                        + "|(?:straight|right)\\s+after\\s+(?:this|the\\s+(?:call|meeting))|as\\s+soon\\s+as\\s+we\\s+hang\\s+up|after\\s+this\\s+(?:call|meeting))",
                (m, c) -> c.today());
        rule("a\\s+week\\s+tomorrow|tomorrow\\s+week", (m, c) -> c.today().plusDays(8));
        rule("give\\s+me\\s+(?<n>" + Numerals.CARDINAL + ")\\s+(?<unit>day|week|month)s?", SpokenDates::later);
        rule(
                "(?:first\\s+thing\\s+)?(?<!\\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|clock|\\d)\\s)in\\s+the\\s+morning(?=\\s*(?:[.,;]|$|before\\b|and\\b))",
                (m, c) -> c.today().plusDays(1));
        rule(
                "(?:(?:close|end)\\s+of\\s+(?:play|business|(?:the\\s+)?day)|noon|lunchtime)\\s+tomorrow",
                (m, c) -> c.today().plusDays(1));
        rule("(?:first\\s+thing\\s+)?(?<!day after )(?:tomorrow|tmrw|tmw|the\\s+morra)" + PART, (m, c) -> c.today()
                .plusDays(1));
        rule("(?:the\\s+)?day\\s+after\\s+tomorrow", (m, c) -> c.today().plusDays(2));
        rule(
                "(?:in|within)\\s+(?:a|the\\s+next)\\s+fortnight|give\\s+me\\s+a\\s+fortnight|a\\s+fortnight\\s+(?:from\\s+(?:now|today)|today)",
                (m, c) -> c.today().plusDays(14));
        rule(
                "(?:in|within)\\s+(?:the\\s+next\\s+)?(?<n>" + Numerals.CARDINAL
                        + ")\\s+(?<unit>day|week|month)s?(?:['’]\\s*time)?\\b(?!\\s+(?:ago|before|of))",
                SpokenDates::later);
        rule(
                "(?<n>" + Numerals.CARDINAL + ")\\s+(?<unit>day|week|month)s?\\s+(?:from\\s+(?:now|today)|today)",
                SpokenDates::later);
        rule("(?:the\\s+)?end\\s+o[f'’]?\\s+(?:the|this)\\s+month|month[- ]end", (m, c) -> c.endOfMonth());
        rule(
                "(?:the\\s+)?end\\s+of\\s+next\\s+month",
                (m, c) -> new Calendar(c.today().withDayOfMonth(1).plusMonths(1), null).endOfMonth());
        rule("(?:the\\s+)?end\\s+(?:of\\s+)?(?<month>" + MONTH + ")\\b", (m, c) -> c.comingInMonth(month(m), 31));
        rule(
                "(?:mid[- ]|(?:the\\s+)?middle\\s+of\\s+)(?<month>" + MONTH + ")\\b",
                (m, c) -> c.comingInMonth(month(m), 15));
        rule("early\\s+(?:in\\s+)?(?<month>" + MONTH + ")\\b", (m, c) -> c.comingInMonth(month(m), 5));
        rule("late\\s+(?:in\\s+)?(?<month>" + MONTH + ")\\b", (m, c) -> c.comingInMonth(month(m), 25));
        rule(
                "(?:the\\s+)?(?:beginning|start)\\s+of\\s+(?<month>" + MONTH + ")\\b",
                (m, c) -> c.comingInMonth(month(m), 1));
        rule(
                "(?:in\\s+)?(?:the\\s+)?(?<n>first|second|third|fourth|last)\\s+week\\s+(?:of|in)\\s+(?<month>" + MONTH
                        + ")\\b",
                (m, c) -> c.fridayOfWeek(m.group("n").equalsIgnoreCase("last") ? 0 : number(m, "n"), month(m)));
        rule(
                "(?:some\\s?time\\s+)?in\\s+(?<month>" + MONTH + ")\\b(?!\\s+\\d)",
                (m, c) -> c.comingInMonth(month(m), 31));
        rule("(?:by|before|until|till|at)\\s+easter(?!\\s+(?:monday|week))", (m, c) -> c.easter());
        rule("(?:the\\s+)?end\\s+of\\s+(?:the|this)\\s+quarter", (m, c) -> c.endOfQuarter());
        rule("(?:the\\s+)?(?:end\\s+of\\s+)?q(?<n>[1-4])", (m, c) -> c.endOfQuarter(number(m, "n")));
        rule("(?:the\\s+)?end\\s+of\\s+(?:the|this)\\s+year", (m, c) -> c.comingInMonth(Month.DECEMBER, 31));
        rule(
                "(?:by|before|for|until|till|at|to)\\s+(?:the\\s+|our\\s+)?next\\s+(?:one|time|meetin[g']?|mtg|call|session|month['’]s\\s+meeting)(?:\\s+of\\s+these)?"
                        + "|before\\s+we\\s+(?:next\\s+meet|meet\\s+again|meet\\s+next)|when\\s+we\\s+next\\s+meet",
                (m, c) -> c.nextMeeting());
        rule(
                "(?:by|before|until|till|at)\\s+(?:christmas|xmas)(?!\\s+(?:party|lunch|dinner|do|market|sale))",
                (m, c) -> c.comingInMonth(Month.DECEMBER, 25));
        rule(
                "(?:in|by|of)\\s+the\\s+(?<n>first|second|third|fourth|last)\\s+quarter",
                (m, c) -> c.endOfQuarter(m.group("n").equalsIgnoreCase("last") ? 4 : number(m, "n")));
        rule(
                "(?:by|before|for|until|till|at|to|in)\\s+next\\s+(?:week|month)['’]s\\s+(?:meeting|one|call|session|mtg)(?:\\s+of\\s+these)?|next\\s+time(?=\\s*[.,;!?]|$)",
                (m, c) -> c.nextMeeting());
        rule(
                "(?:by|before|for|until|till|at|to)\\s+the\\s+(?<month>" + MONTH
                        + ")\\s+(?:one|meeting|review|session|call|mtg|monthly)",
                (m, c) -> c.nextMeeting() != null && c.nextMeeting().getMonth() == month(m) ? c.nextMeeting() : null);
        rule("(?:before|by)\\s+the\\s+weekend", (m, c) -> c.endOfWeek());
        rule("the\\s+morn(?!['’\\p{L}])", (m, c) -> c.today().plusDays(1));
        rule("(?:as\\s+soon\\s+as\\s+possible|asap|(?<!\\bas\\s)soon)", (m, c) -> null);
    }

    private SpokenDates() {}

    private static void rule(String pattern, Meaning meaning) {
        RULES.add(new Rule(
                Pattern.compile("(?<![\\p{L}\\p{N}])(?:" + pattern + ")(?![\\p{L}\\p{N}])", Pattern.CASE_INSENSITIVE),
                meaning));
    }

    /**
     * The dates said in {@code text}, in order, without overlaps. Past expressions ("last Tuesday", "two weeks ago") are
     * none.
     */
    public static List<SpokenDate> in(String text, Calendar calendar) {
        if (!TellingWords.areIn(text)) {
            return List.of();
        }
        List<SpokenDate> all = new ArrayList<>();
        String fluent = withBlankHesitation(text);
        for (Rule rule : RULES) {
            Matcher m = rule.pattern().matcher(fluent);
            while (m.find()) {
                if (!isPast(text, m.start(), m.end())) {
                    all.add(new SpokenDate(m.start(), m.end(), withPreposition(text, m), resolve(rule, m, calendar)));
                }
            }
        }
        all.sort(Comparator.comparingInt((SpokenDate d) -> d.start() - d.end()));
        List<SpokenDate> kept = new ArrayList<>();
        for (SpokenDate date : all) {
            if (kept.stream().noneMatch(k -> k.start() < date.end() && date.start() < k.end())) {
                kept.add(date);
            }
        }
        kept.sort(Comparator.comparingInt(SpokenDate::start));
        return SpokenDateChain.linked(text, kept, calendar);
    }

    /** "In, um, February": the same length, and the hesitation is blank. */
    private static String withBlankHesitation(String text) {
        return HESITATION.matcher(text).replaceAll(m -> " ".repeat(m.group().length()));
    }

    private static final Pattern HESITATION =
            Pattern.compile("(?<=\\p{L}),?\\s+(?:u+[hm]+|e+r+m*)(?![\\p{L}'’-]),?", Pattern.CASE_INSENSITIVE);

    private static LocalDate resolve(Rule rule, MatchResult said, Calendar calendar) {
        try {
            return rule.meaning().of(said, calendar);
        } catch (DateTimeException e) {
            return null; // "the thirtieth of February" was said, but is no day
        }
    }

    private static final Pattern RULED_OUT =
            Pattern.compile("(?:this|today|tonight|tomorrow|now)\\b", Pattern.CASE_INSENSITIVE);

    private static boolean isPast(String text, int start, int end) {
        String before = text.substring(Math.max(0, start - 12), start).toLowerCase(Locale.ROOT);
        String after = text.substring(end, Math.min(text.length(), end + 6)).toLowerCase(Locale.ROOT);
        return before.matches("(?s).*\\b(?:last|since|past|previous)\\s+")
                || before.endsWith("not ")
                        && RULED_OUT.matcher(text.substring(start, end)).lookingAt()
                || after.startsWith(" ago")
                || after.startsWith(" just ");
    }

    private static String withPreposition(String text, MatchResult said) {
        Matcher m = PREPOSITION.matcher(text.substring(0, said.start()));
        return (m.find() ? m.group() : "") + said.group();
    }

    private static final Pattern PREPOSITION =
            Pattern.compile("(?:by|before|until|till|on|for|from|in|at)\\s+(?:the\\s+)?$", Pattern.CASE_INSENSITIVE);

    private static LocalDate dayAndMonth(MatchResult m, Calendar calendar) {
        int n = number(m, "n");
        if (m.group("year") != null) {
            return LocalDate.of(Integer.parseInt(m.group("year")), month(m), n);
        }
        if (n < 1 || n > month(m).maxLength()) {
            return null;
        }
        return calendar.comingInMonth(month(m), n);
    }

    private static LocalDate weekday(MatchResult m, Calendar calendar) {
        return calendar.coming(day(m));
    }

    private static LocalDate later(MatchResult m, Calendar calendar) {
        int n = number(m, "n");
        return switch (m.group("unit").toLowerCase(Locale.ROOT)) {
            case "day" -> calendar.today().plusDays(n);
            case "week" -> calendar.today().plusWeeks(n);
            default -> calendar.today().plusMonths(n);
        };
    }

    private static int number(MatchResult m, String group) {
        return Numerals.valueOf(m.group(group));
    }

    private static DayOfWeek day(MatchResult m) {
        return switch (m.group("day").toLowerCase(Locale.ROOT).substring(0, 2)) {
            case "mo" -> DayOfWeek.MONDAY;
            case "tu" -> DayOfWeek.TUESDAY;
            case "we" -> DayOfWeek.WEDNESDAY;
            case "th" -> DayOfWeek.THURSDAY;
            case "fr" -> DayOfWeek.FRIDAY;
            case "sa", "se" -> DayOfWeek.SATURDAY;
            default -> DayOfWeek.SUNDAY;
        };
    }

    private static Month month(MatchResult m) {
        String head = m.group("month").toLowerCase(Locale.ROOT).substring(0, 3);
        for (Month month : Month.values()) {
            if (month.name().toLowerCase(Locale.ROOT).startsWith(head)) {
                return month;
            }
        }
        throw new IllegalStateException("the pattern lets no other month through: " + head);
    }
}
