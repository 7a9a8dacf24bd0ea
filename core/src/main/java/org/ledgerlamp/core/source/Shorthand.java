package org.ledgerlamp.core.source;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Marks and abbreviations of a team's own, beside the marks that everybody has.
 *
 * @param marks what each sign at the start of a note line says that the line is; a sign is one to eight characters
 *     without blanks, and a blank follows it
 * @param abbreviations what each short form stands for, when a line is worded; the notes themselves stay as typed
 */
public record Shorthand(Map<String, Mark> marks, Map<String, String> abbreviations) {
    /** Nothing beside what everybody has. */
    public static final Shorthand NONE = new Shorthand(Map.of(), Map.of());

    private static final int LONGEST_SIGN = 8;
    private static final int LONGEST_SHORT_FORM = 20;
    private static final Pattern BLANK = Pattern.compile("\\s");
    /** What may stand before and after a short form that is a word of its own. */
    private static final String BORDER_BEFORE = "(?<![\\p{L}\\p{N}])";

    private static final String BORDER_AFTER = "(?![\\p{L}\\p{N}])";
    /** "w/" is not the beginning of "w/o". */
    private static final String BLANK_AFTER = "(?=\\s|$)";

    /** @throws IllegalArgumentException where a sign or a short form cannot be used, saying why */
    public Shorthand {
        marks.keySet().forEach(Shorthand::checkSign);
        abbreviations.forEach((brief, full) -> {
            if (brief.isBlank()
                    || brief.length() > LONGEST_SHORT_FORM
                    || BLANK.matcher(brief).find()) {
                throw new IllegalArgumentException("\"" + brief + "\" is no short form: one word of at most "
                        + LONGEST_SHORT_FORM + " characters is");
            }
            if (full.isBlank()) {
                throw new IllegalArgumentException("\"" + brief + "\" stands for nothing");
            }
        });
        marks = Map.copyOf(marks);
        abbreviations = Map.copyOf(abbreviations);
    }

    private static void checkSign(String sign) {
        if (sign.isBlank()
                || sign.length() > LONGEST_SIGN
                || BLANK.matcher(sign).find()) {
            throw new IllegalArgumentException(
                    "\"" + sign + "\" is no mark: one to " + LONGEST_SIGN + " characters without a blank are");
        }
        if (Mark.at(sign + " x").isPresent()) {
            throw new IllegalArgumentException("\"" + sign + "\" is a mark that everybody has");
        }
        if (sign.matches("[-*•–#]+|\\d+[.)]")) {
            throw new IllegalArgumentException("\"" + sign + "\" begins a list or a heading");
        }
    }

    /**
     * A mark found at the start of a line.
     *
     * @param mark what it says
     * @param length of its sign
     */
    public record Found(Mark mark, int length) {}

    /** The mark that {@code text} begins with: one's own before everybody's, the longest sign first. */
    public Optional<Found> markAt(String text) {
        return marks.entrySet().stream()
                .filter(own -> Mark.begins(text, own.getKey()))
                .max(Map.Entry.comparingByKey((a, b) -> Integer.compare(a.length(), b.length())))
                .map(own -> new Found(own.getValue(), own.getKey().length()))
                .or(() -> Mark.at(text).map(m -> new Found(m, m.sign().length())));
    }

    /** {@code text} with every short form written out; a capital at its beginning is kept. */
    public String writtenOut(String text) {
        String full = text;
        for (Map.Entry<String, String> e : abbreviations.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .toList()) {
            String brief = e.getKey();
            if (!full.toLowerCase(Locale.ROOT).contains(brief.toLowerCase(Locale.ROOT))) {
                continue;
            }
            Pattern word = Pattern.compile(
                    BORDER_BEFORE
                            + Pattern.quote(brief)
                            + (Character.isLetterOrDigit(brief.charAt(brief.length() - 1))
                                    ? BORDER_AFTER
                                    : BLANK_AFTER),
                    Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
            full = word.matcher(full).replaceAll(m -> Matcher.quoteReplacement(as(m.group(), brief, e.getValue())));
        }
        return full;
    }

    private static String as(String typed, String brief, String full) {
        boolean capital = Character.isUpperCase(typed.charAt(0))
                && Character.isLowerCase(brief.charAt(0))
                && typed.substring(1).equals(typed.substring(1).toLowerCase(Locale.ROOT));
        return capital ? full.substring(0, 1).toUpperCase(Locale.ROOT) + full.substring(1) : full;
    }
}
