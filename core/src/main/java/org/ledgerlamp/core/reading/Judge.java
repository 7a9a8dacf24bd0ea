package org.ledgerlamp.core.reading;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Judges in two steps how likely each sentence carries each kind: first by the sentence itself, then once more by how
 * the sentences around it were judged (stacking, Wolpert 1992; over a sequence, Cohen and Carvalho 2005). A proposal
 * followed by an assent is more of a decision than either alone.
 */
public final class Judge {
    /** File of the weights of a sentence's own. */
    public static final String ALONE = "alone.tsv";
    /** File of the weights of what is around it. */
    public static final String AMONG = "among.tsv";

    /** Families of traits that the second step weighs as well. */
    private static final List<String> PASSED_ON = List.of("is:", "claim:", "why:", Cohesion.FAMILY);

    private static final int REACH = 3;
    /** How much the second step counts beside the first, 0 to 1: a mean of both errs less than either. */
    private static final double SECOND_STEP = 0.6;

    private static final double STRENGTH = 0.5;
    private static final int POINT = Weights.column(Kind.POINT);
    private static final double FLOOR = 1e-3;

    private final Weights alone;
    private final Weights among;

    /**
     * @param alone weights of a sentence's own traits and vector
     * @param among weights of what {@link #among} says
     */
    public Judge(Weights alone, Weights among) {
        this.alone = alone;
        this.among = among;
    }

    private static final class Holder {
        private static final Judge SHIPPED = new Judge(shipped(ALONE), shipped(AMONG));

        private static Weights shipped(String file) {
            InputStream in = Judge.class.getResourceAsStream(file);
            if (in == null) {
                throw new IllegalStateException("weights are missing: " + file);
            }
            try (Reader reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
                return Weights.read(reader);
            } catch (IOException e) {
                throw new UncheckedIOException("the weights cannot be read: " + file, e);
            }
        }
    }

    /** The one that ships with the program; read once. */
    public static Judge shipped() {
        return Holder.SHIPPED;
    }

    /** Weights of a sentence's own traits and vector. */
    public Weights alone() {
        return alone;
    }

    /** Weights of what {@link #among(List, double[][])} says. */
    public Weights among() {
        return among;
    }

    /** For each sentence how likely it carries each kind or turns the talk, in the order of {@link Weights#KINDS}. */
    public double[][] odds(List<Weighable> sentences) {
        double[][] first = alone.odds(sentences);
        double[][] second = among.odds(among(sentences, first));
        for (int i = 0; i < second.length; i++) {
            for (int k = 0; k < second[i].length; k++) {
                second[i][k] = Math.pow(first[i][k], 1 - SECOND_STEP) * Math.pow(second[i][k], SECOND_STEP);
            }
        }
        return second;
    }

    /** The sentences with what the second step weighs: odds of their own and of those around them, shape and claims. */
    public static List<Weighable> among(List<Weighable> sentences, double[][] first) {
        List<Weighable> placed = new ArrayList<>();
        for (int i = 0; i < first.length; i++) {
            Map<String, Double> traits = new HashMap<>();
            for (int step = -REACH; step <= REACH; step++) {
                int at = i + step;
                for (int k = 0; k < Weights.COLUMNS.size(); k++) {
                    // That a neighbour is a point says nothing of a sentence.
                    if (step == 0 || k != POINT) {
                        double odds = at < 0 || at >= first.length ? FLOOR : first[at][k] + FLOOR;
                        traits.put("odds:" + Weights.COLUMNS.get(k) + " " + step, Math.log(odds) * STRENGTH);
                    }
                }
            }
            Weighable s = sentences.get(i);
            s.traits().forEach((trait, strength) -> {
                if (PASSED_ON.stream().anyMatch(trait::startsWith)) {
                    traits.put(trait, strength);
                }
            });
            placed.add(new Weighable(s.utterance(), s.text(), traits, new float[0]));
        }
        return placed;
    }
}
