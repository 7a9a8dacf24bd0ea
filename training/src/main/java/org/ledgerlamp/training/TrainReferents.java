package org.ledgerlamp.training;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.ledgerlamp.core.wording.WeighedReferents;
import org.ledgerlamp.core.wording.WeighedReferents.Named;
import org.ledgerlamp.training.NamedThings.Task;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * Learns which of the things named around a sentence a pronoun points to, and which the sentence is about: the thing that the
 * label of the sentence speaks of. What it prints is rounded into the core by hand.
 */
@Command(
        name = "train-referents",
        description = "Learn the weights of things that a pronoun may point to from labelled meetings.",
        mixinStandardHelpOptions = true)
public final class TrainReferents implements Callable<Integer> {
    private static final double RIDGE = 0.001;
    private static final int STEPS = 300;
    private static final double[] LEAST = {0.2, 0.3, 0.35, 0.4, 0.45, 0.5, 0.55, 0.6, 0.7};

    @Parameters(arity = "1..*", paramLabel = "DIR", description = "folders with labelled meetings")
    private List<Path> folders;

    @Option(names = "--parts", description = "groups of authors that are left out in turn")
    private int parts = 5;

    @Spec
    private CommandSpec spec;

    /** Runs the command; exits with its status. */
    public static void main(String[] args) {
        System.exit(new CommandLine(new TrainReferents()).execute(args));
    }

    @Override
    public Integer call() throws IOException {
        PrintWriter out = spec.commandLine().getOut();
        List<double[]> weights = new ArrayList<>();
        for (Task task : Task.values()) {
            List<NamedThings> choices = NamedThings.below(folders, task);
            Authors authors =
                    Authors.of(choices.stream().map(NamedThings::author).toList(), parts);
            double[] probabilities = new double[choices.size()];
            boolean[] right = new boolean[choices.size()];
            for (int part = 0; part < parts; part++) {
                int left = part;
                double[] w = learn(choices.stream()
                        .filter(c -> authors.partOf(c.author()) != left)
                        .toList());
                for (int i = 0; i < choices.size(); i++) {
                    NamedThings choice = choices.get(i);
                    if (authors.partOf(choice.author()) == left) {
                        int best = best(choice, w);
                        probabilities[i] = probability(choice.things().get(best), w);
                        right[i] = choice.right().get(best);
                    }
                }
            }
            tell(out, task, probabilities, right);
            weights.add(learn(choices));
        }
        for (int t = 0; t < WeighedReferents.traits().size(); t++) {
            out.printf(
                    Locale.ROOT,
                    "%-28s %5.1f %5.1f%n",
                    WeighedReferents.traits().get(t),
                    weights.get(0)[t],
                    weights.get(1)[t]);
        }
        out.flush();
        return 0;
    }

    private static void tell(PrintWriter out, Task task, double[] probabilities, boolean[] right) {
        for (double least : LEAST) {
            long told = Arrays.stream(probabilities).filter(p -> p >= least).count();
            long good = IntStream.range(0, right.length)
                    .filter(i -> probabilities[i] >= least && right[i])
                    .count();
            out.printf(
                    Locale.ROOT,
                    "%s at %.2f: told %.2f, right of those %.2f, of %d%n",
                    task,
                    least,
                    (double) told / right.length,
                    (double) good / Math.max(1, told),
                    right.length);
        }
    }

    private static int best(NamedThings choice, double[] w) {
        return IntStream.range(0, choice.things().size())
                .boxed()
                .max(Comparator.comparingDouble(i -> probability(choice.things().get(i), w)))
                .orElseThrow();
    }

    private static double probability(Named thing, double[] w) {
        double sum = 0;
        for (int t = 0; t < thing.traits().size(); t++) {
            sum += w[t] * thing.traits().get(t);
        }
        return 1 / (1 + Math.exp(-sum));
    }

    /** A weight for each trait. */
    private static double[] learn(List<NamedThings> choices) {
        List<double[]> rows = new ArrayList<>();
        List<Boolean> right = new ArrayList<>();
        for (NamedThings choice : choices) {
            choice.things()
                    .forEach(t -> rows.add(
                            t.traits().stream().mapToDouble(Double::doubleValue).toArray()));
            right.addAll(choice.right());
        }
        float[] target = new float[rows.size()];
        float[] importance = new float[rows.size()];
        for (int i = 0; i < target.length; i++) {
            target[i] = right.get(i) ? 1 : 0;
            importance[i] = 1;
        }
        double[] fitted = new Regression(new TraitRows(rows), target, importance, RIDGE).fit(STEPS);
        // The trait that always holds takes what the regression holds apart.
        fitted[0] += fitted[fitted.length - 1];
        return Arrays.copyOf(fitted, fitted.length - 1);
    }

    private record TraitRows(List<double[]> rows) implements Observations {
        @Override
        public int size() {
            return rows.size();
        }

        @Override
        public int columns() {
            return rows.getFirst().length;
        }

        @Override
        public double dot(int row, double[] weights) {
            double sum = 0;
            double[] traits = rows.get(row);
            for (int i = 0; i < traits.length; i++) {
                sum += traits[i] * weights[i];
            }
            return sum;
        }

        @Override
        public void add(int row, double times, double[] to) {
            double[] traits = rows.get(row);
            for (int i = 0; i < traits.length; i++) {
                to[i] += times * traits[i];
            }
        }
    }
}
