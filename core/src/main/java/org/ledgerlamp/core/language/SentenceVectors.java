package org.ledgerlamp.core.language;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

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
    /** Vectors kept for the next time the same words are asked for: some 25 MiB. */
    private static final int REMEMBERED = 16_384;

    private static final int LONGEST_REMEMBERED = 1_000;

    private final WordPieces pieces;
    private final OrtEnvironment environment = OrtEnvironment.getEnvironment();
    private final OrtSession session;
    private final Map<String, float[]> memory = new Recent<>(REMEMBERED);

    private SentenceVectors() throws IOException, OrtException {
        pieces = PiecesHolder.PIECES;
        try (InputStream model = resource(MODEL);
                OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            // Several texts at once are faster than one text on several threads.
            options.setIntraOpNumThreads(1);
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

    private static final class PiecesHolder {
        private static final WordPieces PIECES = new WordPieces(resource(VOCABULARY));
    }

    /** The vocabulary of the model; read once. */
    static WordPieces pieces() {
        return PiecesHolder.PIECES;
    }

    /** The model itself, a fresh copy that can be changed. */
    public static OnnxModel model() {
        try (InputStream model = resource(MODEL)) {
            return new OnnxModel(model.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException("the sentence model cannot be read", e);
        }
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

    /** A question, or words that are looked for, as the model wants them so that they lie near what answers them. */
    public static String asked(String question) {
        return "Represent this sentence for searching relevant passages: " + question;
    }

    /**
     * The vectors of {@code texts}, in order, each of {@link #SIZE} numbers and length one. A vector depends on its text
     * alone, whatever stands beside it. Words beyond the first seventy or so of a text do not count.
     */
    public float[][] of(List<String> texts) {
        Map<String, float[]> vectors = new ConcurrentHashMap<>();
        texts.stream().distinct().toList().parallelStream().forEach(text -> vectors.put(text, of(text)));
        return texts.stream().map(vectors::get).toArray(float[][]::new);
    }

    /** The vector of one text. */
    public float[] of(String text) {
        synchronized (memory) {
            float[] known = memory.get(text);
            if (known != null) {
                return known;
            }
        }
        float[] vector = run(pieces.of(text, MOST_PIECES));
        if (text.length() <= LONGEST_REMEMBERED) {
            synchronized (memory) {
                memory.put(text, vector);
            }
        }
        return vector;
    }

    /** Text by text: in a batch the model's rounding of one text would depend on its neighbours. */
    private float[] run(int[] ids) {
        long[][] words = {IntStream.of(ids).asLongStream().toArray()};
        long[][] all = {LongStream.generate(() -> 1).limit(ids.length).toArray()};
        try (OnnxTensor input = OnnxTensor.createTensor(environment, words);
                OnnxTensor attention = OnnxTensor.createTensor(environment, all);
                OnnxTensor kinds = OnnxTensor.createTensor(environment, new long[1][ids.length]);
                OrtSession.Result result =
                        session.run(Map.of("input_ids", input, "attention_mask", attention, "token_type_ids", kinds))) {
            float[][][] states = (float[][][]) result.get(0).getValue();
            return unit(states[0][0]);
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
    public static double rarity(String word) {
        return pieces().rarity(word);
    }

    /** How alike two vectors of length one are: 1 where they point the same way, about 0.5 where unrelated. */
    public static double similarity(float[] a, float[] b) {
        double sum = 0;
        for (int d = 0; d < a.length; d++) {
            sum += a[d] * b[d];
        }
        return sum;
    }
}
