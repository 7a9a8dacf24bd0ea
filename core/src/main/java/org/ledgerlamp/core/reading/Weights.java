package org.ledgerlamp.core.reading;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The weights of a linear model (one logistic regression a column) that judges how likely a sentence carries a decision,
 * an action, a question, a risk, a highlight, a lowlight or a point, and how likely the talk turns with it; and then how
 * likely what was found there is one of these as a whole. Learned by the module {@code training} from labelled
 * meetings; written as text, a feature a line, so that every weight can be read.
 */
public final class Weights {
    /** What is weighed, in the order of the columns: the kinds of finding, then {@link #TURN}. */
    public static final List<String> COLUMNS = Stream.concat(
                    Arrays.stream(Kind.values()).map(Kind::word), Stream.of("turn"))
            .toList();

    /** The column of sentences with which the talk turns to another matter. */
    public static final int TURN = COLUMNS.size() - 1;

    /** The row of the thresholds from which findings are drafted. */
    public static final String DRAFTING = "threshold:draft";
    /** The row of the thresholds from which findings are offered. */
    public static final String OFFERING = "threshold:offer";
    /** The feature that every sentence has. */
    public static final String BIAS = "bias";
    /** The feature that every finding has. */
    public static final String FINDING_BIAS = "finding:bias";

    private static final String SHIPPED_FILE = "classifier.tsv";

    private final Map<String, double[]> byFeature;
    private final double[] bias;

    /** The column of {@code kind}. */
    public static int column(Kind kind) {
        return kind.ordinal();
    }

    /**
     * @param byFeature for each feature its weight by column, in the order of {@link #COLUMNS}; {@link #BIAS}
     *     among them
     */
    public Weights(Map<String, double[]> byFeature) {
        this.byFeature = new HashMap<>(byFeature);
        this.bias = byFeature.getOrDefault(BIAS, new double[COLUMNS.size()]);
    }

    private static final class Holder {
        private static final Weights SHIPPED = load();

        private static Weights load() {
            InputStream in = Weights.class.getResourceAsStream(SHIPPED_FILE);
            if (in == null) {
                throw new IllegalStateException("weights are missing: " + SHIPPED_FILE);
            }
            try (Reader reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
                return read(reader);
            } catch (IOException e) {
                throw new UncheckedIOException("the weights cannot be read: " + SHIPPED_FILE, e);
            }
        }
    }

    /** Those that ship with the program; read once. */
    public static Weights shipped() {
        return Holder.SHIPPED;
    }

    /** The values of {@code feature} by column; zeros where it has none. */
    public double[] row(String feature) {
        return byFeature.getOrDefault(feature, new double[COLUMNS.size()]).clone();
    }

    /** The same with other values of some features. */
    public Weights with(Map<String, double[]> values) {
        Map<String, double[]> all = new HashMap<>(byFeature);
        all.putAll(values);
        return new Weights(all);
    }

    /** The same with other values of {@code feature}. */
    public Weights with(String feature, double[] values) {
        return with(Map.of(feature, values.clone()));
    }

    /** Reads what {@link #write} wrote. */
    public static Weights read(Reader from) throws IOException {
        Map<String, double[]> byFeature = new HashMap<>();
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
            byFeature.put(cells[0], row);
        }
        return new Weights(byFeature);
    }

    /** Writes a line a feature, sorted by name, the weights by column after it to a thousandth, parted by tabs. */
    public void write(Writer to) throws IOException {
        to.write("# feature\t" + String.join("\t", COLUMNS) + "\n");
        for (Map.Entry<String, double[]> entry : new TreeMap<>(byFeature).entrySet()) {
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

    /** {@link #probabilities(FeaturedSentence)} of each sentence. */
    public double[][] probabilities(List<FeaturedSentence> sentences) {
        return sentences.stream().map(this::probabilities).toArray(double[][]::new);
    }

    /** How likely {@code finding} is what its kind says, between 0 and 1. */
    double probability(FeaturedFinding finding) {
        return probabilities(row(FINDING_BIAS), finding.features())[
                column(finding.finding().kind())];
    }

    /** How likely {@code sentence} carries each kind or turns the talk, in the order of {@link #COLUMNS}, each between 0 and 1. */
    public double[] probabilities(FeaturedSentence sentence) {
        return probabilities(bias.clone(), sentence.features());
    }

    private double[] probabilities(double[] sum, Map<String, Double> features) {
        for (Map.Entry<String, Double> feature : features.entrySet()) {
            double[] row = byFeature.get(feature.getKey());
            if (row != null) {
                for (int k = 0; k < sum.length; k++) {
                    sum[k] += row[k] * feature.getValue();
                }
            }
        }
        for (int k = 0; k < sum.length; k++) {
            sum[k] = 1 / (1 + Math.exp(-sum[k]));
        }
        return sum;
    }
}
