package org.ledgerlamp.core.source;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * One line of raw notes.
 *
 * @param n number within the notes, counted from 0 over the lines that carry words
 * @param line line number in the file, counted from 1
 * @param indent nesting depth, 0 for the outermost
 * @param heading whether the line titles what follows it
 * @param mark what the writer marked the line as, empty where unmarked
 * @param text the words without indent, bullet and mark
 */
public record NoteLine(int n, int line, int indent, boolean heading, Optional<Mark> mark, String text) {
    private static final Pattern SIGNATURE = Pattern.compile(
            "(?:added|written|typed|noted|minuted|taken|recorded|entered) (?:up )?by\\b.{0,60}",
            Pattern.CASE_INSENSITIVE);

    /** Whether the line says no more than who wrote the others. */
    public boolean isSignature() {
        return mark.isEmpty() && SIGNATURE.matcher(text).matches();
    }
}
