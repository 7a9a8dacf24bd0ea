package org.ledgerlamp.core.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Span;

/**
 * Finds lines of the ledger that a text cites by folio and number, as in “see 27.3”. What reads like a quantity, a time of
 * day, a version or a sum of money is none, however many lines the ledger holds.
 */
public final class Citations {
    private static final int FOLIO_DIGITS = 6;
    private static final int LINE_DIGITS = 4;

    private static final Pattern NUMBER = Pattern.compile("(?<![\\p{L}\\d.,:/#+€$£¥~≈<>=-])([1-9]\\d{0,"
            + (FOLIO_DIGITS - 1) + "})\\.([1-9]\\d{0," + (LINE_DIGITS - 1) + "})(?![\\p{L}\\d€$£¥%‰°/]|[.,:]\\d)");
    private static final Pattern MEASURED = Phrases.any(
            "^\\s?",
            """
            percent|per cent|%|°|€|\\$|£|million|billion|thousand|[kmgt]?wh?|[kmg]?v|kva|volts?|amps?|[kcm]?m[23²³]?|[kmt]g|t|tonnes?
            |tons?|litres?|l|knots?|kn|nm|mph|km/h|inch(?:es)?|feet|foot|metres?|meters?|miles?|kilometres?|kilometers?|degrees?
            |seconds?|secs?|minutes?|mins?|hours?|hrs?|days?|weeks?|months?|years?|euros?|pounds?|dollars?|eur|usd|gbp|points?
            |times|of (?:them|the|all|those|these)|bar|hz|[kmg]b|am|pm|a\\.m|p\\.m|o'clock|h""",
            "(?![\\p{L}\\d])");
    private static final Pattern NO_LINE_BEFORE = Phrases.any(
            "(?<![\\p{L}'])",
            "versions?|software|firmware|release|revision|rev|build|model|type|grade|class|size|mark|no|number|chapter|clause|section|article|roughly|nearly|almost|by a factor of|eur|usd|gbp",
            "\\.?\\s*$");
    private static final Pattern AT_A_TIME =
            Phrases.any("(?<![\\p{L}'])", "at|from|until|till|to|before|after|since|between", "\\s+$");
    private static final int HOURS = 24;
    private static final int MINUTES = 60;
    private static final int FAR_ENOUGH = 24;

    private Citations() {}

    /**
     * A line that is cited.
     *
     * @param span where it is written
     * @param folio number of the folio
     * @param number number of the line in it
     */
    public record Citation(Span span, int folio, int number) {
        /** As it is written. */
        public String written() {
            return folio + "." + number;
        }
    }

    /** What a text cites, in order; whether there are such lines only the ledger knows. */
    public static List<Citation> in(String text) {
        List<Citation> found = new ArrayList<>();
        Matcher number = NUMBER.matcher(text);
        while (number.find()) {
            String before = text.substring(Math.max(0, number.start() - FAR_ENOUGH), number.start());
            String after = text.substring(number.end(), Math.min(text.length(), number.end() + FAR_ENOUGH));
            boolean none = MEASURED.matcher(after).find()
                    || NO_LINE_BEFORE.matcher(before).find()
                    || isTime(number) && AT_A_TIME.matcher(before).find();
            if (!none) {
                found.add(new Citation(
                        new Span(number.start(), number.end()),
                        Integer.parseInt(number.group(1)),
                        Integer.parseInt(number.group(2))));
            }
        }
        return found;
    }

    private static boolean isTime(Matcher number) {
        return number.group(2).length() == 2
                && Integer.parseInt(number.group(1)) < HOURS
                && Integer.parseInt(number.group(2)) < MINUTES;
    }
}
