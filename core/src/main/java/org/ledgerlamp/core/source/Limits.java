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

    private static final int ELEMENTS_AN_UTTERANCE = 10;

    /** Elements of a document in markup: a paragraph with its runs and their properties has a handful. */
    int elements() {
        return utterances * ELEMENTS_AN_UTTERANCE;
    }

    /**
     * Refuses markup that would take too long to take apart, by a look at its signs alone.
     *
     * @throws UnreadableSource where it has too many elements
     */
    void checkElements(String markup) throws UnreadableSource {
        int elements = 0;
        for (int i = markup.indexOf('<'); i >= 0; i = markup.indexOf('<', i + 1)) {
            boolean opens = i + 1 < markup.length() && Character.isLetter(markup.charAt(i + 1));
            if (opens && ++elements > elements()) {
                throw new UnreadableSource(
                        "document",
                        "it has more than %,d elements, several times those of a ten-hour talk; split the file"
                                .formatted(elements()));
            }
        }
    }
}
