package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.ledger.SaidFigure.Kind;
import org.ledgerlamp.core.time.Calendar;
import org.ledgerlamp.core.time.SpokenDate;
import org.ledgerlamp.core.time.SpokenDates;

/** Finds the figures in what is said or recorded, with what they are counted in. A number that counts nothing is none. */
public final class SaidFigures {
    private static final Map<String, String> CURRENCY_BEFORE = Map.of(
            "€", "€", "$", "$", "£", "£", "eur", "€", "usd", "$", "gbp", "£", "nok", "NOK", "sek", "SEK", "dkk", "DKK");
    private static final Pattern BEFORE =
            Pattern.compile("(€|\\$|£|\\b(?:EUR|USD|GBP|NOK|SEK|DKK))[ \\u00a0]?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern AFTER = Pattern.compile("^[ \\u00a0-]?([€$£%°]|[\\p{L}]+(?: cent)?)(?![\\p{L}])");
    private static final Pattern COUNTED = Pattern.compile(
            "^ (?:(?!and |or |of |in |on |at |by |to |is |are |was |were )[\\p{L}-]+ )?([\\p{L}-]{3,}s)(?![\\p{L}])");

    private static final Map<String, Unit> UNITS = Unit.table(
            """
            MONEY €: € euro euros eur
            MONEY $: $ dollar dollars usd
            MONEY £: £ pound pounds gbp quid
            MONEY NOK: nok krone kroner
            MONEY SEK: sek kronor
            SHARE %: % percent per_cent
            DURATION seconds: second seconds
            DURATION minutes: minute minutes
            DURATION hours: hour hours
            DURATION days: day days
            DURATION weeks: week weeks
            DURATION months: month months
            DURATION years: year years
            MEASURE kW: kw kilowatt kilowatts
            MEASURE MW: mw megawatt megawatts
            MEASURE kWh: kwh
            MEASURE MWh: mwh
            MEASURE V: volt volts
            MEASURE kV: kv kilovolt kilovolts
            MEASURE A: amp amps ampere amperes
            MEASURE mm: mm millimetre millimetres millimeter millimeters
            MEASURE cm: cm centimetre centimetres centimeter centimeters
            MEASURE m: m metre metres meter meters
            MEASURE km: km kilometre kilometres kilometer kilometers
            MEASURE nautical miles: nm
            MEASURE kg: kg kilo kilos kilogram kilograms
            MEASURE t: t tonne tonnes ton tons
            MEASURE litres: l litre litres liter liters
            MEASURE knots: knot knots
            MEASURE °: ° degree degrees
            """);

    /** Plural in form, and counted for what they are not: "three things", "two times". */
    private static final Set<String> NOT_COUNTED = Set.of(
            "things", "times", "others", "words", "ways", "reasons", "cases", "points", "options", "sides", "this",
            "was", "has", "does", "always", "perhaps", "plus", "less");

    /** From here on a number tells something even where nobody says what it counts. */
    private static final double LARGE = 1000;

    private SaidFigures() {}

    /** What a figure is counted in. */
    private record Unit(Kind kind, String name) {
        static Map<String, Unit> table(String written) {
            Map<String, Unit> units = new HashMap<>();
            written.strip().lines().forEach(line -> {
                int colon = line.indexOf(": ");
                String[] what = line.substring(0, colon).split(" ", 2);
                for (String word : line.substring(colon + 2).split(" ")) {
                    units.put(word.replace('_', ' '), new Unit(Kind.valueOf(what[0]), what[1]));
                }
            });
            return Map.copyOf(units);
        }
    }

    /**
     * The figures of a text, in order.
     *
     * @param day the day it was said, which days such as "next Friday" are seen from
     */
    public static List<SaidFigure> in(String text, LocalDate day) {
        List<SaidFigure> found = new ArrayList<>();
        for (SpokenDate date : SpokenDates.in(text, new Calendar(day, null))) {
            if (date.date() != null) {
                found.add(new SaidFigure(Kind.DATE, date.date().toEpochDay(), "", new Span(date.start(), date.end())));
            }
        }
        for (SpokenNumbers.SpokenNumber number : SpokenNumbers.in(text)) {
            boolean partOfDate = found.stream()
                    .anyMatch(f -> f.kind() == Kind.DATE
                            && f.span().start() < number.span().end()
                            && f.span().end() > number.span().start());
            if (!partOfDate) {
                counted(text, number).ifPresent(found::add);
            }
        }
        found.sort(Comparator.comparingInt(f -> f.span().start()));
        return List.copyOf(found);
    }

    private static Optional<SaidFigure> counted(String text, SpokenNumbers.SpokenNumber number) {
        int start = number.span().start();
        int end = number.span().end();
        Matcher before = BEFORE.matcher(text.substring(0, start));
        if (before.find()) {
            String currency = CURRENCY_BEFORE.get(before.group(1).toLowerCase(Locale.ROOT));
            return Optional.of(new SaidFigure(Kind.MONEY, number.value(), currency, new Span(before.start(), end)));
        }
        Matcher after = AFTER.matcher(text.substring(end));
        if (after.find()) {
            String word = after.group(1).toLowerCase(Locale.ROOT);
            Unit unit = UNITS.getOrDefault(word, UNITS.get(word.split(" ")[0]));
            if (unit != null) {
                return Optional.of(
                        new SaidFigure(unit.kind(), number.value(), unit.name(), new Span(start, end + after.end())));
            }
        }
        Matcher noun = COUNTED.matcher(text.substring(end));
        if (noun.find()) {
            String word = noun.group(1).toLowerCase(Locale.ROOT);
            if (!NOT_COUNTED.contains(word) && !Words.isEmptyWord(word) && !word.endsWith("ss")) {
                return Optional.of(new SaidFigure(Kind.COUNT, number.value(), word, new Span(start, end + noun.end())));
            }
        }
        boolean large = number.value() >= LARGE && !isYear(text, number);
        return large ? Optional.of(new SaidFigure(Kind.NUMBER, number.value(), "", number.span())) : Optional.empty();
    }

    private static boolean isYear(String text, SpokenNumbers.SpokenNumber number) {
        return number.span().of(text).matches("(?:19|20)\\d\\d");
    }
}
