package org.ledgerlamp.training;

import ai.djl.ndarray.NDArray;
import ai.djl.ndarray.NDManager;
import ai.djl.ndarray.NDScope;
import ai.djl.ndarray.types.Shape;
import ai.djl.nn.core.Linear;
import ai.djl.pytorch.engine.PtNDArray;
import ai.djl.pytorch.jni.JniUtils;
import java.nio.FloatBuffer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import org.ledgerlamp.core.language.ContextWindow;
import org.ledgerlamp.core.language.OnnxModel;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.reading.ContextClassifier;
import org.ledgerlamp.core.reading.ContextWeights;
import org.ledgerlamp.core.reading.Weights;

/**
 * Learns the upper layers of the sentence model and a linear layer above them from labelled talk: each sentence is the mean
 * of its pieces, and each column of {@link Weights#COLUMNS} one yes or no, rare ones counting more. One processor a run.
 */
final class ContextLearner {
    private static final int COLUMNS = Weights.COLUMNS.size();
    private static final int WIDE = SentenceVectors.SIZE;
    private static final int BATCH = 4;
    private static final float RATE = 3e-4f;
    private static final float HEAD_RATE = 2e-3f;
    private static final float DECAY = 0.01f;
    private static final float DROPPED = 0.1f;
    private static final double WARM_UP = 0.1;
    private static final double COLDEST = 0.02;
    /** How much rare kinds count beside common ones: the ratio of others to them, to this power. */
    private static final double BALANCE = 0.33;
    /** Stands for "not at all" before a softmax. */
    private static final float HIDDEN = -1e4f;

    private final OnnxModel model;
    private final int epochs;
    private final Consumer<String> log;

    /**
     * @param model the shipped sentence model
     * @param epochs how often every talk is seen
     * @param log is told how it goes
     */
    ContextLearner(OnnxModel model, int epochs, Consumer<String> log) {
        this.model = model;
        this.epochs = epochs;
        this.log = log;
    }

    /** A window of a talk, with the number of its tiling and its own there. */
    private record Piece(TalkToLearn talk, int tiling, int number) {
        ContextWindow window() {
            return talk.tilings().get(tiling).get(number);
        }
    }

    /** The same talks and {@code seed} give the same weights. */
    ContextWeights learn(List<TalkToLearn> talks, long seed) {
        JniUtils.setGradMode(false);
        try (NDManager manager = NDManager.newBaseManager()) {
            EncoderLayers layers =
                    new EncoderLayers(model, ContextClassifier.FROZEN, ContextClassifier.LAYERS, manager);
            float[] importance = importance(talks);
            Map<String, NDArray> head = head(talks, importance, new Random(seed), manager);
            AdamW adam = new AdamW();
            adam.add(layers.weights(), manager, RATE, DECAY);
            adam.add(head, manager, HEAD_RATE, DECAY);
            Random order = new Random(seed);
            Dropper dropper = new Dropper(manager, new SplittableRandom(seed), DROPPED);
            int perEpoch =
                    talks.stream().mapToInt(t -> t.tilings().getFirst().size()).sum();
            int steps = (perEpoch + BATCH - 1) / BATCH * epochs;
            int step = 0;
            for (int epoch = 0; epoch < epochs; epoch++) {
                List<Piece> pieces = pieces(talks, epoch);
                Collections.shuffle(pieces, order);
                double loss = 0;
                for (int at = 0; at < pieces.size(); at += BATCH) {
                    List<Piece> batch = pieces.subList(at, Math.min(pieces.size(), at + BATCH));
                    loss += loss(batch, layers, head, importance, dropper, manager) * batch.size() / pieces.size();
                    adam.step(schedule(step++ / (double) steps));
                }
                log.accept("epoch %d of %d, loss %.4f".formatted(epoch + 1, epochs, loss));
            }
            return new ContextWeights(
                    "%d talks by %d authors, %d epochs, seed %d"
                            .formatted(
                                    talks.size(),
                                    talks.stream()
                                            .map(TalkToLearn::author)
                                            .distinct()
                                            .count(),
                                    epochs,
                                    seed),
                    layers.replacing(model),
                    rows(head));
        }
    }

    private static float schedule(double done) {
        return (float) (done < WARM_UP ? (done + 1e-3) / WARM_UP : Math.max(COLDEST, (1 - done) / (1 - WARM_UP)));
    }

    private static List<Piece> pieces(List<TalkToLearn> talks, int epoch) {
        List<Piece> pieces = new ArrayList<>();
        for (int t = 0; t < talks.size(); t++) {
            int tiling = (epoch + t) % 2;
            int windows = talks.get(t).tilings().get(tiling).size();
            for (int w = 0; w < windows; w++) {
                pieces.add(new Piece(talks.get(t), tiling, w));
            }
        }
        return pieces;
    }

    private static double share(List<TalkToLearn> talks, int column) {
        long all = 0;
        long labelled = 1;
        for (TalkToLearn talk : talks) {
            for (boolean[] target : talk.targets()) {
                all++;
                labelled += target[column] ? 1 : 0;
            }
        }
        return labelled / (double) (all + 2);
    }

    private static float[] importance(List<TalkToLearn> talks) {
        float[] importance = new float[COLUMNS];
        for (int k = 0; k < COLUMNS; k++) {
            double share = share(talks, k);
            importance[k] = (float) Math.pow((1 - share) / share, BALANCE);
        }
        return importance;
    }

    private static Map<String, NDArray> head(
            List<TalkToLearn> talks, float[] importance, Random random, NDManager manager) {
        float[] weights = new float[COLUMNS * WIDE];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (float) random.nextGaussian() * 0.02f;
        }
        float[] bias = new float[COLUMNS];
        for (int k = 0; k < COLUMNS; k++) {
            double share = share(talks, k);
            bias[k] = (float) Math.log(importance[k] * share / (1 - share));
        }
        Map<String, NDArray> head = new LinkedHashMap<>();
        head.put("weight", manager.create(weights, new Shape(COLUMNS, WIDE)));
        head.put("bias", manager.create(bias));
        head.values().forEach(h -> h.setRequiresGradient(true));
        return head;
    }

    private static float[][] rows(Map<String, NDArray> head) {
        float[] weights = head.get("weight").toFloatArray();
        float[] bias = head.get("bias").toFloatArray();
        float[][] rows = new float[COLUMNS][WIDE + 1];
        for (int k = 0; k < COLUMNS; k++) {
            System.arraycopy(weights, k * WIDE, rows[k], 0, WIDE);
            rows[k][WIDE] = bias[k];
        }
        return rows;
    }

    /** Leaves the gradients with the weights. */
    private static float loss(
            List<Piece> batch,
            EncoderLayers layers,
            Map<String, NDArray> head,
            float[] importance,
            Dropper dropper,
            NDManager manager) {
        int pieces =
                batch.stream().mapToInt(p -> p.window().pieces().length).max().orElseThrow();
        int sentences =
                batch.stream().mapToInt(p -> p.window().sentences()).max().orElseThrow();
        JniUtils.setGradMode(true);
        try (NDScope scope = new NDScope()) {
            scope.suppressNotUsedWarning();
            NDArray states = layers.forward(states(batch, pieces, manager), mask(batch, pieces, manager), dropper);
            NDArray pooled =
                    dropper.on(pooling(batch, pieces, sentences, manager).matMul(states));
            NDArray logits =
                    Linear.linear(pooled, head.get("weight"), head.get("bias")).singletonOrThrow();
            NDArray loss = crossEntropy(logits, batch, sentences, importance, manager);
            try (NDArray one = manager.ones(loss.getShape())) {
                JniUtils.backward((PtNDArray) loss, (PtNDArray) one, false, false);
            }
            return loss.getFloat();
        } finally {
            JniUtils.setGradMode(false);
        }
    }

    private static NDArray states(List<Piece> batch, int pieces, NDManager manager) {
        float[] all = new float[batch.size() * pieces * WIDE];
        for (int i = 0; i < batch.size(); i++) {
            Piece p = batch.get(i);
            float[] states = p.talk().states().get(p.tiling()).get(p.number());
            System.arraycopy(states, 0, all, i * pieces * WIDE, states.length);
        }
        return manager.create(FloatBuffer.wrap(all), new Shape(batch.size(), pieces, WIDE));
    }

    private static NDArray mask(List<Piece> batch, int pieces, NDManager manager) {
        float[] mask = new float[batch.size() * pieces];
        for (int i = 0; i < batch.size(); i++) {
            for (int j = batch.get(i).window().pieces().length; j < pieces; j++) {
                mask[i * pieces + j] = HIDDEN;
            }
        }
        return manager.create(FloatBuffer.wrap(mask), new Shape(batch.size(), 1, 1, pieces));
    }

    /** Takes the mean over the pieces of each sentence. */
    private static NDArray pooling(List<Piece> batch, int pieces, int sentences, NDManager manager) {
        float[] pooling = new float[batch.size() * sentences * pieces];
        for (int i = 0; i < batch.size(); i++) {
            int[][] spans = batch.get(i).window().spans();
            for (int j = 0; j < spans.length; j++) {
                for (int p = spans[j][0]; p < spans[j][1]; p++) {
                    pooling[(i * sentences + j) * pieces + p] = 1f / (spans[j][1] - spans[j][0]);
                }
            }
        }
        return manager.create(FloatBuffer.wrap(pooling), new Shape(batch.size(), sentences, pieces));
    }

    private static NDArray crossEntropy(
            NDArray logits, List<Piece> batch, int sentences, float[] importance, NDManager manager) {
        float[] target = new float[batch.size() * sentences * COLUMNS];
        float[] weight = new float[target.length];
        int count = batch.stream().mapToInt(p -> p.window().sentences()).sum();
        for (int i = 0; i < batch.size(); i++) {
            ContextWindow window = batch.get(i).window();
            for (int j = 0; j < window.sentences(); j++) {
                boolean[] labelled = batch.get(i).talk().targets()[window.first() + j];
                for (int k = 0; k < COLUMNS; k++) {
                    int at = (i * sentences + j) * COLUMNS + k;
                    target[at] = labelled[k] ? 1 : 0;
                    weight[at] = (labelled[k] ? importance[k] : 1) / count;
                }
            }
        }
        Shape shape = new Shape(batch.size(), sentences, COLUMNS);
        NDArray yes = manager.create(FloatBuffer.wrap(target), shape);
        NDArray each = logits.maximum(0f)
                .sub(logits.mul(yes))
                .add(logits.abs().neg().exp().add(1f).log());
        return each.mul(manager.create(FloatBuffer.wrap(weight), shape)).sum();
    }
}
