package org.ledgerlamp.core.language;

import java.util.ArrayList;
import java.util.List;

/**
 * Neighbouring sentences in one row of word pieces, as a model with a limited view sees them.
 *
 * @param first number of the first sentence within the talk
 * @param pieces the numbers of the pieces, begin mark first, an end mark after each sentence
 * @param spans for each sentence its first piece and the one after its last
 */
public record ContextWindow(int first, int[] pieces, int[][] spans) {
    /** Pieces in a window at most. */
    public static final int WIDTH = 256;

    /** Sentences that a window shows again from the one before, and pieces of these, at most. */
    private static final int OVERLAP = 4;

    private static final int MOST_SEEN_AGAIN = WIDTH / 5;

    private static final int MOST_OF_A_SENTENCE = 72;

    /** How many sentences stand in it. */
    public int sentences() {
        return spans.length;
    }

    /**
     * Lays a talk out in windows that follow each other without a gap.
     *
     * @param shifted whether the borders lie in the middle of where they otherwise would
     */
    public static List<ContextWindow> tile(List<SpokenSentence> talk, boolean shifted) {
        List<int[]> rows = rows(talk);
        List<ContextWindow> windows = new ArrayList<>();
        int at = 0;
        if (shifted && !rows.isEmpty()) {
            int half = window(rows, 0, rows.size()).sentences() / 2;
            if (half > 0) {
                windows.add(window(rows, 0, half));
                at = half;
            }
        }
        while (at < rows.size()) {
            ContextWindow next = window(rows, at, rows.size());
            windows.add(next);
            at += next.sentences();
        }
        return windows;
    }

    /**
     * Lays a talk out in windows of which each begins some sentences before the one before it ends, so that every sentence
     * is seen with some on both sides.
     */
    public static List<ContextWindow> overlapping(List<SpokenSentence> talk) {
        List<int[]> rows = rows(talk);
        List<ContextWindow> windows = new ArrayList<>();
        int at = 0;
        while (at < rows.size()) {
            ContextWindow next = window(rows, at, rows.size());
            windows.add(next);
            int end = at + next.sentences();
            at = end == rows.size() ? end : Math.max(at + 1, end - seenAgain(rows, end));
        }
        return windows;
    }

    /** How many of the sentences before {@code end} the next window shows again: some, of long ones fewer, one at the least. */
    private static int seenAgain(List<int[]> rows, int end) {
        int pieces = 0;
        int sentences = 0;
        while (sentences < OVERLAP && end - sentences > 0) {
            pieces += rows.get(end - 1 - sentences).length;
            if (pieces > MOST_SEEN_AGAIN) {
                break;
            }
            sentences++;
        }
        return Math.max(1, sentences);
    }

    private static List<int[]> rows(List<SpokenSentence> talk) {
        WordPieces vocabulary = SentenceVectors.pieces();
        return talk.stream().map(s -> row(s, vocabulary)).toList();
    }

    private static int[] row(SpokenSentence sentence, WordPieces vocabulary) {
        String said = sentence.speaker().isEmpty() ? sentence.text() : sentence.speaker() + ": " + sentence.text();
        int[] marked = vocabulary.of(said, MOST_OF_A_SENTENCE);
        int[] row = new int[marked.length - 1];
        System.arraycopy(marked, 1, row, 0, row.length);
        return row;
    }

    /** As many sentences from {@code from} on as fit, and none from {@code end} on. */
    private static ContextWindow window(List<int[]> rows, int from, int end) {
        int length = 1;
        int to = from;
        while (to < end && (to == from || length + rows.get(to).length <= WIDTH)) {
            length += rows.get(to++).length;
        }
        int[] pieces = new int[length];
        pieces[0] = SentenceVectors.pieces().first();
        int[][] spans = new int[to - from][];
        int at = 1;
        for (int i = from; i < to; i++) {
            int[] row = rows.get(i);
            System.arraycopy(row, 0, pieces, at, row.length);
            spans[i - from] = new int[] {at, at + row.length};
            at += row.length;
        }
        return new ContextWindow(from, pieces, spans);
    }
}
