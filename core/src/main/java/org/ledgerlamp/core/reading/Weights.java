package org.ledgerlamp.core.reading;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ledgerlamp.core.language.SentenceVectors;

/**
 * The weights of a linear model (one logistic regression a column) that judges how likely a sentence carries a decision,
 * an action, a question, a risk, a highlight, a lowlight or a point, and how likely the talk turns with it. Learned by the module {@code training} from labelled
 * meetings; written as text, a trait a line, so that every weight can be read.
 */
public final class Weights {
    /** What is weighed, in the order of the columns: the kinds of finding, then {@link #TURN}. */
    public static final List<String> COLUMNS = Stream.concat(
                    Arrays.stream(Kind.values()).map(Kind::word), Stream.of("turn"))
            .toList();

    /** The column of sentences with which the talk turns to another matter. */
    public static final int TURN = COLUMNS.size() - 1;

    /** The trait that every sentence has. */
    public static final String BIAS = "bias";
    /** Before the number of a dimension: the trait that stands for it. */
    public static final String DIMENSION = "v:";
    /** How strongly a sentence's vector counts beside its traits: each of its numbers is taken times this. */
    public static final double VECTOR = 6;

    private final Map<String, double[]> byTrait;
    private final double[][] vector = new double[SentenceVectors.SIZE][COLUMNS.size()];
    private final double[] bias;

    /** The column of {@code kind}. */
    public static int column(Kind kind) {
        return kind.ordinal();
    }

    /**
     * @param byTrait for each trait its weight by column, in the order of {@link #COLUMNS}; {@link #DIMENSION} and {@link #BIAS}
     *     among them
     */
    public Weights(Map<String, double[]> byTrait) {
        this.byTrait = new HashMap<>(byTrait);
        this.bias = byTrait.getOrDefault(BIAS, new double[COLUMNS.size()]);
        for (int d = 0; d < SentenceVectors.SIZE; d++) {
            double[] row = byTrait.get(DIMENSION + d);
            if (row != null) {
                vector[d] = row;
            }
        }
    }

    /** Reads what {@link #write} wrote. */
    public static Weights read(Reader from) throws IOException {
        Map<String, double[]> byTrait = new HashMap<>();
        BufferedReader lines = new BufferedReader(from);
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.startsWith("#")) {
                continue;
            }
            String[] cells = line.split("\t");
            double[] row = new double[COLUMNS.size()];
            for (int k = 0; k < row.length; k++) {
                row[k] = Double.parseDouble(cells[k + 1]);
            }
            byTrait.put(cells[0], row);
        }
        return new Weights(byTrait);
    }

    /** Writes a line a trait, sorted by name, the weights by column after it to a thousandth, parted by tabs. */
    public void write(Writer to) throws IOException {
        to.write("# trait\t" + String.join("\t", COLUMNS) + "\n");
        for (Map.Entry<String, double[]> entry : new TreeMap<>(byTrait).entrySet()) {
            long[] thousandths = Arrays.stream(entry.getValue())
                    .mapToLong(weight -> Math.round(weight * 1000))
                    .toArray();
            if (Arrays.stream(thousandths).anyMatch(weight -> weight != 0)) {
                String cells = Arrays.stream(thousandths)
                        .mapToObj(weight -> String.valueOf(weight / 1000.0))
                        .collect(Collectors.joining("\t"));
                to.write(entry.getKey() + "\t" + cells + "\n");
            }
        }
    }

    /** {@link #odds(Weighable)} of each sentence. */
    public double[][] odds(List<Weighable> sentences) {
        return sentences.stream().map(this::odds).toArray(double[][]::new);
    }

    /** How likely {@code sentence} carries each kind or turns the talk, in the order of {@link #COLUMNS}, each between 0 and 1. */
    public double[] odds(Weighable sentence) {
        float[] meaning = sentence.meaning();
        double[] sum = bias.clone();
        for (Map.Entry<String, Double> trait : sentence.traits().entrySet()) {
            double[] row = byTrait.get(trait.getKey());
            if (row != null) {
                for (int k = 0; k < sum.length; k++) {
                    sum[k] += row[k] * trait.getValue();
                }
            }
        }
        for (int d = 0; d < meaning.length; d++) {
            for (int k = 0; k < sum.length; k++) {
                sum[k] += vector[d][k] * meaning[d] * VECTOR;
            }
        }
        for (int k = 0; k < sum.length; k++) {
            sum[k] = 1 / (1 + Math.exp(-sum[k]));
        }
        return sum;
    }
}
