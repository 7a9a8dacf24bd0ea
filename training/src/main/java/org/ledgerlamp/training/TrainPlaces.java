package org.ledgerlamp.training;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.ledgerlamp.core.lamp.WeighedPlaces;
import org.ledgerlamp.training.LabelledLedger.Question;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * Learns how much the traits of a sentence count for answering a question, and for an honest measure how well weights
 * find a ledger's answers that were learned without it. What it prints is rounded into the core by hand.
 */
@Command(
        name = "train-places",
        description = "Learn the weights of sentences that may answer a question from labelled ledgers.",
        mixinStandardHelpOptions = true)
public final class TrainPlaces implements Callable<Integer> {
    private static final int FEW = 3;
    private static final int SOME = 6;

    @Parameters(arity = "1..*", paramLabel = "DIR", description = "folders with labelled meetings and a ledger.json")
    private List<Path> folders;

    @Spec
    private CommandSpec spec;

    /** Runs the command; exits with its status. */
    public static void main(String[] args) {
        System.exit(new CommandLine(new TrainPlaces()).execute(args));
    }

    @Override
    public Integer call() throws IOException {
        List<LabelledLedger> ledgers = new ArrayList<>();
        for (Path folder : folders) {
            ledgers.add(LabelledLedger.in(folder));
        }
        double[] shipped = WeighedPlaces.weights().stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
        double[] together = PlaceLearner.learn(questions(ledgers.stream()));
        PrintWriter out = spec.commandLine().getOut();
        for (int i = 0; i < shipped.length; i++) {
            out.printf(
                    Locale.ROOT, "%-36s %6.1f %6.1f%n", WeighedPlaces.traits().get(i), shipped[i], together[i]);
        }
        for (LabelledLedger ledger : ledgers) {
            tell(out, ledger, "as shipped", shipped);
            tell(out, ledger, "learned from all", together);
            if (ledgers.size() > 1) {
                List<Question> others = questions(ledgers.stream().filter(l -> l != ledger));
                tell(out, ledger, "learned from the others", PlaceLearner.learn(others));
            }
        }
        out.flush();
        return 0;
    }

    private static List<Question> questions(Stream<LabelledLedger> ledgers) {
        return ledgers.flatMap(l -> l.questions().stream()).toList();
    }

    private static void tell(PrintWriter out, LabelledLedger ledger, String weights, double[] w) {
        out.printf(
                Locale.ROOT,
                "%s, %s: among the first three %.2f, the first six %.2f%n",
                ledger.name(),
                weights,
                PlaceLearner.found(ledger.questions(), w, FEW),
                PlaceLearner.found(ledger.questions(), w, SOME));
    }
}
