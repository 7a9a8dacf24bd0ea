package org.ledgerlamp.core.source;

import java.util.Optional;

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
public record NoteLine(int n, int line, int indent, boolean heading, Optional<Mark> mark, String text) {}
