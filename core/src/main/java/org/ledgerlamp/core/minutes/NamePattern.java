package org.ledgerlamp.core.minutes;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.reading.MeetingFacts;

/**
 * How titles and file names are made: words with placeholders, such as {@code {date} {title}}.
 *
 * @param pattern with any of {date}, {title}, {kind}, {series}, {template}
 */
public record NamePattern(String pattern) {
    /** What may stand in braces. */
    public static final Set<String> PLACEHOLDERS = Set.of("date", "title", "kind", "series", "template");

    private static final Pattern PLACEHOLDER = Pattern.compile("\\{([^{}]*)\\}");
    private static final Pattern UNFIT_FOR_FILES = Pattern.compile("[\\\\/:*?\"<>|\\p{Cntrl}]+");
    private static final Pattern BLANKS = Pattern.compile("\\s+");
    private static final int LONGEST_FILE_NAME = 120;

    public NamePattern {
        Matcher m = PLACEHOLDER.matcher(pattern);
        while (m.find()) {
            if (!PLACEHOLDERS.contains(m.group(1))) {
                throw new IllegalArgumentException(
                        "{" + m.group(1) + "} is no placeholder: expected one of " + known());
            }
        }
        if (pattern.isBlank()) {
            throw new IllegalArgumentException("a name needs words or placeholders: one of " + known());
        }
    }

    private static String known() {
        return String.join(
                ", ", PLACEHOLDERS.stream().sorted().map(p -> "{" + p + "}").toList());
    }

    /** The name of {@code meeting}'s minutes; what is not known of it leaves no gap. */
    public String of(MeetingFacts meeting, String template) {
        Map<String, String> values = new TreeMap<>();
        values.put("date", meeting.date().toString());
        values.put("title", meeting.title());
        values.put("kind", meeting.kind());
        values.put("series", meeting.series());
        values.put("template", template);
        String name = PLACEHOLDER
                .matcher(pattern)
                .replaceAll(
                        m -> Matcher.quoteReplacement(values.get(m.group(1)) == null ? "" : values.get(m.group(1))));
        return BLANKS.matcher(name).replaceAll(" ").strip();
    }

    /** The same, fit for a file on any system, without an ending. */
    public String fileOf(MeetingFacts meeting, String template) {
        String name =
                UNFIT_FOR_FILES.matcher(of(meeting, template)).replaceAll("-").strip();
        String fit = name.replaceAll("^[.\\s]+|[.\\s]+$", "");
        String named = fit.isEmpty() ? meeting.date().toString() : fit;
        return named.length() > LONGEST_FILE_NAME
                ? named.substring(0, LONGEST_FILE_NAME).strip()
                : named;
    }
}
