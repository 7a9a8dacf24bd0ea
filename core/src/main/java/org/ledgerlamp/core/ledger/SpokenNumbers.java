package org.ledgerlamp.core.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Span;

/**
 * Numbers as people say and write them: "42,000", "3.5 million", "forty-two thousand", "a hundred and twenty", "half a
 * million", and sums said in halves, "forty-two six" for 42,600.
 */
final class SpokenNumbers {
    private static final Map<String, Integer> UNITS = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19),
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("fifty", 50),
            Map.entry("sixty", 60),
            Map.entry("seventy", 70),
            Map.entry("eighty", 80),
            Map.entry("ninety", 90));
    private static final Map<String, Double> TIMES =
            Map.of("hundred", 100.0, "thousand", 1e3, "k", 1e3, "million", 1e6, "billion", 1e9);

    private static final String WORD = String.join("|", UNITS.keySet());
    private static final String MANY = "hundred|thousand|million|billion";
    private static final Pattern NUMBER = Pattern.compile(
            "(?<![\\p{L}\\d.,'’-])(?:"
                    + "(?<digits>\\d{1,3}(?:[, \\u00a0]\\d{3})+(?:\\.\\d+)?|\\d+(?:\\.\\d+)?)(?:[ \\u00a0]?(?<times>k|thousand|million|billion)(?!\\p{L}))?"
                    + "|(?<half>half an?) (?<halfOf>" + MANY + ")"
                    + "|(?<words>(?:(?:an?|" + WORD + ")[ -](?=" + MANY + "|" + WORD + ")|" + WORD + "|(?:an? )?(?:"
                    + MANY
                    + "))(?:(?:[ -]|,? and )(?:" + WORD + "|" + MANY + "))*)"
                    + ")(?<plusHalf> and a half)?(?![\\p{L}\\d])",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern COUNTED = Pattern.compile(" \\p{L}+s(?!\\p{L})");

    private SpokenNumbers() {}

    /** A number and where it is said. */
    record SpokenNumber(Span span, double value) {}

    static List<SpokenNumber> in(String text) {
        List<SpokenNumber> found = new ArrayList<>();
        Matcher number = NUMBER.matcher(text);
        while (number.find()) {
            value(text, number)
                    .ifPresent(v -> found.add(new SpokenNumber(
                            new Span(number.start(), number.end()), number.group("plusHalf") == null ? v : v + 0.5)));
        }
        return found;
    }

    private static Optional<Double> value(String text, Matcher number) {
        if (number.group("digits") != null) {
            double value = Double.parseDouble(number.group("digits").replaceAll("[, \\u00a0]", ""));
            String times = number.group("times");
            return Optional.of(times == null ? value : value * TIMES.get(times.toLowerCase(Locale.ROOT)));
        }
        if (number.group("half") != null) {
            return Optional.of(TIMES.get(number.group("halfOf").toLowerCase(Locale.ROOT)) / 2);
        }
        String words = number.group("words").toLowerCase(Locale.ROOT);
        return said(words).or(() -> countsSomething(text, number.end()) ? Optional.empty() : inHalves(words));
    }

    /** A sum of thousands and hundreds: "eighteen four". */
    private static Optional<Double> inHalves(String words) {
        int second = Math.max(words.lastIndexOf(' '), words.lastIndexOf('-')) + 1;
        if (second == 0) {
            return Optional.empty();
        }
        Optional<Double> thousands = said(words.substring(0, second - 1)).filter(n -> n >= 10 && n < 100);
        Optional<Double> hundreds = said(words.substring(second)).filter(n -> n < 10);
        return thousands.flatMap(t -> hundreds.map(h -> t * 1000 + h * 100));
    }

    /** Whether a number counts what follows it, as the four in "we had eighteen four weeks ago". */
    private static boolean countsSomething(String text, int end) {
        return COUNTED.matcher(text).region(end, text.length()).lookingAt();
    }

    /** What words say; nothing where they are several numbers in a row, as in "two three". */
    private static Optional<Double> said(String words) {
        double total = 0;
        double part = 0;
        double last = Double.MAX_VALUE;
        for (String word : words.split("[ ,-]+")) {
            if (word.equals("a") || word.equals("an")) {
                part = 1;
            } else if (UNITS.containsKey(word)) {
                int unit = UNITS.get(word);
                boolean follows = part == 0 || last >= 20 && last < 100 && unit < 10 || last == 100 && unit < 100;
                if (!follows) {
                    return Optional.empty();
                }
                part += unit;
                last = unit;
            } else if (word.equals("hundred")) {
                part = Math.max(1, part) * 100;
                last = 100;
            } else if (TIMES.containsKey(word)) {
                total += Math.max(1, part) * TIMES.get(word);
                part = 0;
                last = Double.MAX_VALUE;
            }
        }
        return Optional.of(total + part);
    }
}
