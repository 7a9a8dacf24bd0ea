package org.ledgerlamp.core.source;

/** Reads one family of formats. */
interface SourceReader {
    /** Whether {@code text} is meant to be of this format, judged by content alone and cheaply. */
    boolean recognises(SourceText text);

    /**
     * Reads what can be read.
     *
     * @throws UnreadableSource where nothing can be, or a limit is broken
     */
    Source read(SourceText text, Limits limits) throws UnreadableSource;
}
