package org.ledgerlamp.core.source;

import java.time.Duration;
import java.util.Objects;

/**
 * What one speaker said in one go.
 *
 * @param n number within the source, counted from 0 without gaps
 * @param speaker the speaker's name as the source gives it, or null where the source names none
 * @param start offset from the beginning of the recording, or null where the source has no times
 * @param end offset at which the speaker stopped, or null where unknown; never before {@code start}
 * @param text the words, markup removed and white space folded; never blank
 */
public record Utterance(int n, String speaker, Duration start, Duration end, String text) {
    public Utterance {
        Objects.requireNonNull(text, "text");
        if (n < 0) {
            throw new IllegalArgumentException("n is negative: " + n);
        }
        if (start != null && end != null && end.isNegative()) {
            throw new IllegalArgumentException("end is negative: " + end);
        }
    }

    /** The same utterance under another number. */
    public Utterance numbered(int number) {
        return new Utterance(number, speaker, start, end, text);
    }
}
