package org.ledgerlamp.core.reading;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.ledgerlamp.core.language.ContextEncoder;
import org.ledgerlamp.core.language.ContextWindow;
import org.ledgerlamp.core.language.OnnxModel;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.SpokenSentence;
import org.ledgerlamp.core.source.Source;

/**
 * Judges sentences among their neighbours: the sentence model, its upper layers learned anew from labelled meetings, reads
 * windows of talk, and a linear layer says for each sentence how likely it carries each kind (sequential sentence
 * classification, Cohan et al. 2019). It sees who assents to what; single sentences do not show that.
 */
public final class ContextClassifier implements ContextScores {
    /** Layers of the sentence model that are used. */
    public static final int LAYERS = 10;
    /** Layers, from the bottom, that stay as they are. */
    public static final int FROZEN = 8;

    private static final String SHIPPED = "context.bin";
    /** How far from a window's border a sentence sees enough of both sides. */
    private static final int WELL_INSIDE = 3;

    private final ContextEncoder encoder;
    private final float[][] head;

    /** @param weights what was learned */
    public ContextClassifier(ContextWeights weights) {
        OnnxModel model = SentenceVectors.model();
        weights.replaced().forEach(model::replace);
        this.encoder = new ContextEncoder(model.cutAt(ContextEncoder.endOfLayer(LAYERS - 1)));
        this.head = weights.head();
    }

    private static final class Holder {
        private static final ContextClassifier SHARED = new ContextClassifier(load());

        private static ContextWeights load() {
            try (InputStream in = ContextClassifier.class.getResourceAsStream(SHIPPED)) {
                if (in == null) {
                    throw new IllegalStateException("weights are missing: " + SHIPPED);
                }
                return ContextWeights.read(new java.io.BufferedInputStream(in));
            } catch (IOException e) {
                throw new UncheckedIOException("the weights cannot be read: " + SHIPPED, e);
            }
        }
    }

    /** The one that ships with the program, loaded at first use (half a second); safe for many threads. */
    public static ContextClassifier shipped() {
        return Holder.SHARED;
    }

    /** The sentences of {@code source} in order, as it sees them. */
    public static List<SpokenSentence> spoken(Source source, MeetingFacts meeting) {
        return spoken(new Talk(source, meeting));
    }

    static List<SpokenSentence> spoken(Talk talk) {
        List<SpokenSentence> spoken = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            Sentence before = talk.before(s);
            boolean goesOn = before != null && !talk.differ(before.utterance(), s.utterance());
            String speaker = goesOn || s.speaker() == null ? "" : s.speaker().firstName();
            spoken.add(new SpokenSentence(speaker, s.plain()));
        }
        return spoken;
    }

    @Override
    public double[][] probabilities(List<SpokenSentence> talk, Progress progress) {
        List<ContextWindow> windows = ContextWindow.overlapping(talk);
        double[][] sums = new double[talk.size()][head.length];
        double[] counted = new double[talk.size()];
        AtomicInteger done = new AtomicInteger();
        List<double[][]> logits = windows.parallelStream()
                .map(window -> {
                    double[][] read = logits(window);
                    progress.done(done.incrementAndGet(), windows.size());
                    return read;
                })
                .toList();
        for (int w = 0; w < windows.size(); w++) {
            ContextWindow window = windows.get(w);
            for (int i = 0; i < window.sentences(); i++) {
                int at = window.first() + i;
                double weight = insight(window, i, talk.size());
                counted[at] += weight;
                for (int k = 0; k < head.length; k++) {
                    sums[at][k] += weight * logits.get(w)[i][k];
                }
            }
        }
        for (int i = 0; i < sums.length; i++) {
            for (int k = 0; k < head.length; k++) {
                sums[i][k] = 1 / (1 + Math.exp(-sums[i][k] / counted[i]));
            }
        }
        return sums;
    }

    /** How much a window's word on its {@code i}th sentence counts: the more, the more of its neighbours it shows. */
    private static double insight(ContextWindow window, int i, int talk) {
        boolean begins = window.first() == 0;
        boolean ends = window.first() + window.sentences() == talk;
        int before = begins ? WELL_INSIDE : i;
        int after = ends ? WELL_INSIDE : window.sentences() - 1 - i;
        return 0.1 + Math.min(WELL_INSIDE, Math.min(before, after));
    }

    private double[][] logits(ContextWindow window) {
        float[][] states = encoder.states(window);
        double[][] logits = new double[window.sentences()][head.length];
        for (int i = 0; i < logits.length; i++) {
            int[] span = window.spans()[i];
            float[] mean = new float[SentenceVectors.SIZE];
            for (int piece = span[0]; piece < span[1]; piece++) {
                for (int d = 0; d < mean.length; d++) {
                    mean[d] += states[piece][d] / (span[1] - span[0]);
                }
            }
            for (int k = 0; k < head.length; k++) {
                double sum = head[k][mean.length];
                for (int d = 0; d < mean.length; d++) {
                    sum += head[k][d] * mean[d];
                }
                logits[i][k] = sum;
            }
        }
        return logits;
    }
}
