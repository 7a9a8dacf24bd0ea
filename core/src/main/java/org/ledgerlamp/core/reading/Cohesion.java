package org.ledgerlamp.core.reading;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.language.Words;

/**
 * How well the talk hangs together at each sentence, as features: how much what follows differs from what went before in
 * meaning and in words (Hearst's TextTiling, 1997, on what sentences mean in their place), and whether an item of the
 * agenda comes up.
 */
final class Cohesion {
    /** What the names of these features begin with. */
    static final String FAMILY = "turn:";

    private static final int WINDOW = 8;

    private final Talk talk;
    private final List<InContext> context;
    private final List<Set<String>> agenda;
    private final float[] whole;

    private Cohesion(Talk talk, List<InContext> context) {
        this.talk = talk;
        this.context = context;
        this.agenda = talk.meeting().agenda().stream().map(Words::content).toList();
        this.whole = mean(0, context.size());
    }

    /** Adds them to the features of each sentence. */
    static void addTo(List<Map<String, Double>> features, Talk talk, List<InContext> context) {
        Cohesion cohesion = new Cohesion(talk, context);
        double[] agendaAt = new double[context.size()];
        for (int i = 0; i < agendaAt.length; i++) {
            Map<String, Double> here = features.get(i);
            here.put(FAMILY + "another meaning", 1 - cohesion.similarity(i));
            here.put(FAMILY + "other words", 1 - cohesion.sharedWords(i));
            agendaAt[i] = cohesion.agendaItem(i);
            double before = 0;
            for (int j = Math.max(0, i - WINDOW); j < i; j++) {
                before = Math.max(before, agendaAt[j]);
            }
            here.put(FAMILY + "an agenda item", agendaAt[i]);
            here.put(FAMILY + "an agenda item anew", Math.max(0, agendaAt[i] - before));
        }
    }

    /** Between -1 and 1: what all of the talk shares is taken off, since any two sentences have that in common. */
    private double similarity(int at) {
        float[] before = mean(at - WINDOW, at);
        float[] after = mean(at, at + WINDOW);
        double product = 0;
        double lengthBefore = 0;
        double lengthAfter = 0;
        for (int d = 0; d < whole.length; d++) {
            double x = before[d] - whole[d];
            double y = after[d] - whole[d];
            product += x * y;
            lengthBefore += x * x;
            lengthAfter += y * y;
        }
        return product / Math.sqrt(Math.max(1e-9, lengthBefore * lengthAfter));
    }

    /** The mean vector of the sentences from one to another that say something; zero where none does. */
    private float[] mean(int from, int to) {
        float[] mean = new float[SentenceVectors.SIZE];
        int n = 0;
        for (int i = Math.max(0, from); i < Math.min(context.size(), to); i++) {
            if (!talk.sentences().get(i).isBare()) {
                n++;
                for (int d = 0; d < mean.length; d++) {
                    mean[d] += context.get(i).meaning()[d];
                }
            }
        }
        for (int d = 0; d < mean.length && n > 0; d++) {
            mean[d] /= n;
        }
        return mean;
    }

    private double sharedWords(int at) {
        return Words.overlap(words(at - WINDOW, at), words(at, at + WINDOW));
    }

    private Set<String> words(int from, int to) {
        Set<String> words = new HashSet<>();
        for (int i = Math.max(0, from); i < Math.min(context.size(), to); i++) {
            words.addAll(talk.sentences().get(i).content());
        }
        return words;
    }

    /** The share of an agenda item's words that the sentence says, of the item of which it says most; 0 to 1. */
    private double agendaItem(int at) {
        Set<String> said = talk.sentences().get(at).content();
        return agenda.stream()
                .mapToDouble(item -> Words.shareIn(said, item))
                .max()
                .orElse(0);
    }
}
