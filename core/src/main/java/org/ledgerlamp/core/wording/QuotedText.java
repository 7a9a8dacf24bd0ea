package org.ledgerlamp.core.wording;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line that quotes somebody, as its text shows: {@code Second berth. Tom Reyes: “The fender has to go before the frost.”}
 *
 * @param matter what it is about, or null
 * @param speaker who says it, or null
 * @param words as said
 */
public record QuotedText(String matter, String speaker, String words) {
    private static final Pattern FORM =
            Pattern.compile("^(?:(?<matter>.+?)\\. )?(?:(?<speaker>[^.:“”]+): )?“(?<words>[^“”]+)”$", Pattern.DOTALL);

    private static final Pattern SENTENCE_END = Pattern.compile("[.?!]\\s");

    /** What {@code text} quotes; empty where it is in words of its own. */
    public static Optional<QuotedText> in(String text) {
        Matcher m = FORM.matcher(text.strip());
        return m.matches()
                ? Optional.of(new QuotedText(m.group("matter"), m.group("speaker"), m.group("words")))
                : Optional.empty();
    }

    /**
     * Whether its words can be read by whoever was not there: one sentence that speaks neither of one of those who talk
     * nor of what only they see.
     */
    public boolean readsAlone() {
        String sentence = words.replaceAll("[.?!]+$", "");
        return !SENTENCE_END.matcher(sentence).find() && Sense.tellsOthers(sentence);
    }

    /** The line as it is read. */
    public String text() {
        return (matter == null ? "" : matter + ". ") + (speaker == null ? "" : speaker + ": ") + "“" + words + "”";
    }
}
