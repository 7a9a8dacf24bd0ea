package org.ledgerlamp.core.source;

import java.util.List;

/** Where every source comes in: takes the text out of documents, recognises its layout by content and reads it. */
public final class SourceDesk {
    /** Raised whenever the same bytes are read into other passages: what was read before stays as it was. */
    public static final int VERSION = 1;

    /** The more a format says of itself, the earlier it is asked; notes take whatever is left. */
    private final List<SourceReader> readers;

    private final NotesReader notes;
    private final Limits limits;

    /** A desk that knows the marks that everybody has. */
    public SourceDesk(Limits limits) {
        this(limits, Shorthand.NONE);
    }

    /** @param shorthand marks of one's own */
    public SourceDesk(Limits limits, Shorthand shorthand) {
        this.limits = limits;
        this.notes = new NotesReader(shorthand);
        this.readers = List.of(new WebVttReader(), new JsonReader(), new SubRipReader(), new LayoutReader(), notes);
    }

    /**
     * Reads a source.
     *
     * @param bytes the file as it came; not changed
     * @return the talk or notes, with the places that could not be read
     * @throws UnreadableSource where nothing can be read, naming the place and what was expected
     */
    public Source read(byte[] bytes) throws UnreadableSource {
        SourceText text = decode(bytes);
        for (SourceReader reader : readers) {
            if (reader.recognises(text)) {
                return reader.read(text, limits);
            }
        }
        throw new IllegalStateException("the notes reader recognises every text");
    }

    /**
     * Reads notes, even where their lines look like a transcript's.
     *
     * @throws UnreadableSource as {@link #read}
     */
    public Source readNotes(byte[] bytes) throws UnreadableSource {
        return notes.read(decode(bytes), limits);
    }

    private SourceText decode(byte[] bytes) throws UnreadableSource {
        if (bytes.length > limits.bytes()) {
            throw new UnreadableSource(
                    "whole file",
                    "%,d bytes are more than the limit of %,d; split the file".formatted(bytes.length, limits.bytes()));
        }
        SourceText text = Documents.textOf(bytes, limits);
        if (text.text().isBlank()) {
            throw new UnreadableSource("whole file", "there is not a word in it");
        }
        return text;
    }
}
