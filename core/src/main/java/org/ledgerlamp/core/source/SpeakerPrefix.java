package org.ledgerlamp.core.source;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A line that may begin with its speaker: {@code Mira Voss: words}. */
record SpeakerPrefix(String speaker, String rest) {
    /** A speaker's name inside a longer pattern: up to six words, at least one letter first. */
    static final String NAME =
            "\\p{L}[\\p{L}\\p{M}\\p{N}_.'’&/-]*(?: \\(?[\\p{L}\\p{N}][\\p{L}\\p{M}\\p{N}_.'’&/-]*\\)?){0,5}";

    private static final Pattern PREFIX = Pattern.compile("^(" + NAME + ")\\s*:\\s+(\\S.*)$", Pattern.DOTALL);

    /** Splits {@code text}; the speaker is null where it begins with none. */
    static SpeakerPrefix of(String text) {
        Matcher m = PREFIX.matcher(text);
        return m.matches() ? new SpeakerPrefix(m.group(1), m.group(2)) : new SpeakerPrefix(null, text);
    }
}
