package org.ledgerlamp.core.reading;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
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
 * classification, Cohan et al. 2019). It sees who assents to what; single sentences do not show that. On the way, below the
 * layers that were learned, it has the meaning of each sentence in its place.
 */
public final class ContextClassifier implements ContextReader {
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
        this.encoder = new ContextEncoder(
                model.cutAt(ContextEncoder.endOfLayer(FROZEN - 1), ContextEncoder.endOfLayer(LAYERS - 1)));
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
    public List<InContext> read(List<SpokenSentence> talk, Progress progress) {
        List<ContextWindow> windows = ContextWindow.overlapping(talk);
        AtomicInteger done = new AtomicInteger();
        List<List<Seen>> views = windows.parallelStream()
                .map(window -> {
                    List<Seen> seen = seen(window);
                    progress.done(done.incrementAndGet(), windows.size());
                    return seen;
                })
                .toList();
        Seen[] all = new Seen[talk.size()];
        for (int w = 0; w < windows.size(); w++) {
            ContextWindow window = windows.get(w);
            for (int i = 0; i < window.sentences(); i++) {
                Seen here = views.get(w).get(i).times(insight(window, i, talk.size()));
                int at = window.first() + i;
                all[at] = all[at] == null ? here : all[at].plus(here);
            }
        }
        return Arrays.stream(all).map(Seen::inContext).toList();
    }

    /** What one window, or several that each count some, say of a sentence; numbers are sums of what counts. */
    private record Seen(double counted, double[] logits, float[] meaning) {
        Seen times(double weight) {
            return new Seen(
                    weight,
                    Arrays.stream(logits).map(x -> x * weight).toArray(),
                    sum(new float[meaning.length], meaning, (float) weight));
        }

        Seen plus(Seen other) {
            double[] both = logits.clone();
            for (int k = 0; k < both.length; k++) {
                both[k] += other.logits[k];
            }
            return new Seen(counted + other.counted, both, sum(meaning.clone(), other.meaning, 1));
        }

        InContext inContext() {
            return new InContext(
                    Arrays.stream(logits)
                            .map(x -> 1 / (1 + Math.exp(-x / counted)))
                            .toArray(),
                    sum(new float[meaning.length], meaning, (float) (1 / counted)));
        }
    }

    /** Adds {@code weight} times {@code some} to {@code to}, which it gives back. */
    private static float[] sum(float[] to, float[] some, float weight) {
        for (int d = 0; d < to.length; d++) {
            to[d] += weight * some[d];
        }
        return to;
    }

    /** How much a window's word on its {@code i}th sentence counts: the more, the more of its neighbours it shows. */
    private static double insight(ContextWindow window, int i, int talk) {
        boolean begins = window.first() == 0;
        boolean ends = window.first() + window.sentences() == talk;
        int before = begins ? WELL_INSIDE : i;
        int after = ends ? WELL_INSIDE : window.sentences() - 1 - i;
        return 0.1 + Math.min(WELL_INSIDE, Math.min(before, after));
    }

    private List<Seen> seen(ContextWindow window) {
        List<float[][]> states = encoder.states(window);
        List<Seen> seen = new ArrayList<>();
        for (int[] span : window.spans()) {
            seen.add(new Seen(1, logits(mean(states.getLast(), span)), mean(states.getFirst(), span)));
        }
        return seen;
    }

    private static float[] mean(float[][] states, int[] span) {
        float[] mean = new float[SentenceVectors.SIZE];
        for (int piece = span[0]; piece < span[1]; piece++) {
            sum(mean, states[piece], 1f / (span[1] - span[0]));
        }
        return mean;
    }

    private double[] logits(float[] mean) {
        double[] logits = new double[head.length];
        for (int k = 0; k < logits.length; k++) {
            logits[k] = head[k][mean.length];
            for (int d = 0; d < mean.length; d++) {
                logits[k] += head[k][d] * mean[d];
            }
        }
        return logits;
    }
}
