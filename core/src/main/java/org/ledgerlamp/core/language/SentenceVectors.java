package org.ledgerlamp.core.language;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Turns sentences into vectors that lie near each other where the sentences mean alike: the sentence model BGE small
 * (Xiao et al. 2023), run here without a network; the vector is that of its first piece. It hardly tells a sentence from
 * its negation, and unrelated sentences are about 0.5 alike.
 */
public final class SentenceVectors {
    /** Numbers in a vector. */
    public static final int SIZE = 384;

    private static final String MODEL = "/bge-small-en-v1.5-q.onnx";
    private static final String VOCABULARY = "/bge-small-en-v1.5-q-tokenizer.json";
    private static final int MOST_PIECES = 96;
    private static final int BATCH = 16;

    private final WordPieces pieces;
    private final OrtEnvironment environment = OrtEnvironment.getEnvironment();
    private final OrtSession session;

    private SentenceVectors() throws IOException, OrtException {
        pieces = new WordPieces(resource(VOCABULARY));
        try (InputStream model = resource(MODEL);
                OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            options.setIntraOpNumThreads(
                    Math.max(1, Math.min(4, Runtime.getRuntime().availableProcessors())));
            session = environment.createSession(model.readAllBytes(), options);
        }
    }

    private static InputStream resource(String name) {
        InputStream in = SentenceVectors.class.getResourceAsStream(name);
        if (in == null) {
            throw new IllegalStateException("the sentence model is missing: " + name);
        }
        return in;
    }

    private static final class Holder {
        private static final SentenceVectors SHARED = load();

        private static SentenceVectors load() {
            try {
                return new SentenceVectors();
            } catch (IOException e) {
                throw new UncheckedIOException("the sentence model cannot be read", e);
            } catch (OrtException e) {
                throw new IllegalStateException("the sentence model cannot be run", e);
            }
        }
    }

    /** The one instance, loaded at first use (half a second); safe for many threads. */
    public static SentenceVectors shared() {
        return Holder.SHARED;
    }

    /**
     * The vectors of {@code texts}, in order, each of {@link #SIZE} numbers and length one. Words beyond the first
     * seventy or so of a text do not count.
     */
    public float[][] of(List<String> texts) {
        int[][] ids = texts.stream().map(t -> pieces.of(t, MOST_PIECES)).toArray(int[][]::new);
        int[] byLength = IntStream.range(0, ids.length)
                .boxed()
                .sorted(Comparator.comparingInt((Integer i) -> ids[i].length).thenComparingInt(i -> i))
                .mapToInt(i -> i)
                .toArray();
        float[][] vectors = new float[ids.length][];
        for (int from = 0; from < ids.length; from += BATCH) {
            int to = Math.min(ids.length, from + BATCH);
            run(ids, byLength, from, to, vectors);
        }
        return vectors;
    }

    private void run(int[][] ids, int[] order, int from, int to, float[][] vectors) {
        int width = ids[order[to - 1]].length;
        long[][] words = new long[to - from][width];
        long[][] mask = new long[to - from][width];
        for (int i = from; i < to; i++) {
            int[] row = ids[order[i]];
            for (int j = 0; j < row.length; j++) {
                words[i - from][j] = row[j];
                mask[i - from][j] = 1;
            }
        }
        try (OnnxTensor input = OnnxTensor.createTensor(environment, words);
                OnnxTensor attention = OnnxTensor.createTensor(environment, mask);
                OnnxTensor kinds = OnnxTensor.createTensor(environment, new long[to - from][width]);
                OrtSession.Result result =
                        session.run(Map.of("input_ids", input, "attention_mask", attention, "token_type_ids", kinds))) {
            float[][][] states = (float[][][]) result.get(0).getValue();
            for (int i = from; i < to; i++) {
                vectors[order[i]] = unit(states[i - from][0]);
            }
        } catch (OrtException e) {
            throw new IllegalStateException("the sentence model failed", e);
        }
    }

    private static float[] unit(float[] state) {
        double square = 0;
        for (float x : state) {
            square += x * x;
        }
        float scale = (float) (1 / Math.sqrt(Math.max(square, 1e-12)));
        float[] unit = state.clone();
        for (int d = 0; d < unit.length; d++) {
            unit[d] *= scale;
        }
        return unit;
    }

    /** How rare a word in small letters is in English, between 0 ("the") and 1 (hardly ever written). */
    public double rarity(String word) {
        return pieces.rarity(word);
    }

    /** How alike two vectors of length one are: 1 where they point the same way, about 0.5 where unrelated. */
    public static double likeness(float[] a, float[] b) {
        double sum = 0;
        for (int d = 0; d < a.length; d++) {
            sum += a[d] * b[d];
        }
        return sum;
    }
}
