package org.ledgerlamp.core.source;

/**
 * How much of a source is accepted. Every limit is named in the message that it causes.
 *
 * @param bytes size of the file
 * @param utterances utterances or note lines in one source
 * @param nesting depth of nested structures (JSON)
 */
public record Limits(int bytes, int utterances, int nesting) {
    /** 25 MiB, 100,000 utterances, 50 levels: several times a ten-hour transcript. */
    public static final Limits DEFAULT = new Limits(25 << 20, 100_000, 50);
}
