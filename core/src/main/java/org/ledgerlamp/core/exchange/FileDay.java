package org.ledgerlamp.core.exchange;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A whole day, year and all, as names and heads of files write it: 2026-03-06, 20260306, 6.3.2026, 6 March 2026, March 6, 2026. */
public final class FileDay {
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");
    private static final String MONTH = "(?<month>jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?";
    private static final String YEAR = "(?<year>(?:19|20)\\d\\d)";
    private static final List<Pattern> FORMS = List.of(
            form(YEAR + "[-_./ ](?<month>\\d{1,2})[-_./ ](?<day>\\d{1,2})"),
            form(YEAR + "(?<month>\\d{2})(?<day>\\d{2})"),
            form("(?<day>\\d{1,2})(?:st|nd|rd|th)?[-_. ]+(?:of )?" + MONTH + ",?[-_. ]+" + YEAR),
            form(MONTH + "[-_. ]+(?<day>\\d{1,2})(?:st|nd|rd|th)?,?[-_. ]+" + YEAR),
            form("(?<day>\\d{1,2})\\.\\s?(?<month>\\d{1,2})\\.\\s?" + YEAR));

    private FileDay() {}

    private static Pattern form(String written) {
        return Pattern.compile("(?<![\\p{L}\\d])" + written + "(?!\\d)", Pattern.CASE_INSENSITIVE);
    }

    /** The first day that a text names with its year; nothing where it names none that there is. */
    public static Optional<LocalDate> of(String text) {
        LocalDate first = null;
        int at = Integer.MAX_VALUE;
        for (Pattern form : FORMS) {
            Matcher m = form.matcher(text);
            while (m.find()) {
                LocalDate day = day(m);
                if (day != null && m.start() < at) {
                    first = day;
                    at = m.start();
                }
            }
        }
        return Optional.ofNullable(first);
    }

    private static LocalDate day(Matcher m) {
        String month = m.group("month").toLowerCase(Locale.ROOT);
        int number = Character.isDigit(month.charAt(0)) ? Integer.parseInt(month) : MONTHS.indexOf(month) + 1;
        try {
            return LocalDate.of(Integer.parseInt(m.group("year")), number, Integer.parseInt(m.group("day")));
        } catch (DateTimeException e) {
            return null;
        }
    }
}
