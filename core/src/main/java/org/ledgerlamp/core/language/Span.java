package org.ledgerlamp.core.language;

/**
 * A stretch of a text.
 *
 * @param start first character
 * @param end character after the last
 */
public record Span(int start, int end) {
    /** The characters of {@code text} that the span covers. */
    public String of(String text) {
        return text.substring(start, end);
    }
}
