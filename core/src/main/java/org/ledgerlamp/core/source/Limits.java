package org.ledgerlamp.core.source;

/**
 * How much of a source is accepted. Every limit is named in the message that it causes.
 *
 * @param bytes size of the file
 * @param utterances utterances or note lines in one source
 * @param nesting depth of nested structures (JSON)
 * @param unpacked bytes that a zipped document may unpack to
 * @param pages pages of a PDF
 */
public record Limits(int bytes, int utterances, int nesting, int unpacked, int pages) {
    /** 25 MiB, 100,000 utterances, 50 levels, 100 MiB unpacked, 2,000 pages: several times a ten-hour transcript. */
    public static final Limits DEFAULT = new Limits(25 << 20, 100_000, 50, 100 << 20, 2000);
}
