package org.ledgerlamp.training;

import ai.djl.engine.Engine;
import ai.djl.pytorch.jni.JniUtils;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.ledgerlamp.core.language.ContextEncoder;
import org.ledgerlamp.core.language.OnnxModel;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.reading.ContextClassifier;
import org.ledgerlamp.core.reading.ContextWeights;
import org.ledgerlamp.core.reading.InContext;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Learns the context classifier that ships with the core, and for an honest measure judges each part of the authors by one
 * that was learned without them.
 */
@Command(
        name = "train-context",
        description = "Learn the upper layers of the sentence model from labelled meetings.",
        mixinStandardHelpOptions = true)
public final class TrainContext implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "DIR", description = "directories with labelled meetings")
    private List<Path> roots;

    @Option(names = "--out", paramLabel = "FILE", description = "write the weights learned from all meetings there")
    private Path out;

    @Option(
            names = "--left-out",
            paramLabel = "FILE",
            description = "write there for each sentence what a classifier says that did not see its author")
    private Path leftOut;

    @Option(
            names = "--parts",
            defaultValue = "3",
            description = "parts of the authors that are left out in turn (${DEFAULT-VALUE})")
    private int parts;

    @Option(names = "--epochs", defaultValue = "5", description = "how often every talk is seen (${DEFAULT-VALUE})")
    private int epochs;

    @Option(
            names = "--seed",
            defaultValue = "1",
            description = "of the order of windows and of dropout (${DEFAULT-VALUE})")
    private long seed;

    @Option(
            names = "--at-once",
            defaultValue = "2",
            description = "classifiers learned at once, a processor each (${DEFAULT-VALUE})")
    private int atOnce;

    private final Instant began = Instant.now();

    /** Runs the command; exits with its status. */
    public static void main(String[] args) {
        System.exit(new CommandLine(new TrainContext()).execute(args));
    }

    @Override
    public Integer call() throws IOException, InterruptedException {
        Engine.getInstance();
        JniUtils.setNumThreads(1);
        OnnxModel model = SentenceVectors.model();
        ContextEncoder frozen =
                new ContextEncoder(model.cutAt(ContextEncoder.endOfLayer(ContextClassifier.FROZEN - 1)));
        List<LabelledTalk> labelled = LabelledTalk.below(roots);
        List<TalkToLearn> talks =
                labelled.parallelStream().map(m -> TalkToLearn.of(m, frozen)).toList();
        say("%d talks, %d sentences"
                .formatted(
                        talks.size(),
                        talks.stream().mapToInt(TalkToLearn::sentences).sum()));
        Authors authors = Authors.of(talks.stream().map(TalkToLearn::author).toList(), parts);
        double[][][] judged = new double[talks.size()][][];
        List<Callable<Void>> runs = new ArrayList<>();
        if (leftOut != null) {
            for (int part = 0; part < parts; part++) {
                int number = part;
                runs.add(() -> judge(number, authors, labelled, talks, model, judged));
            }
        }
        if (out != null) {
            runs.add(() -> {
                write(learner(model, "all").learn(talks, seed));
                return null;
            });
        }
        run(runs);
        if (leftOut != null) {
            Map<String, double[][]> byMeeting = new LinkedHashMap<>();
            for (int t = 0; t < judged.length; t++) {
                byMeeting.put(talks.get(t).name(), judged[t]);
            }
            LeftOutContext.write(byMeeting, leftOut);
            AveragePrecision precision = new AveragePrecision();
            for (int t = 0; t < judged.length; t++) {
                precision.add(judged[t], talks.get(t).targets());
            }
            precision.lines().forEach(this::say);
        }
        return 0;
    }

    private void run(List<Callable<Void>> runs) throws InterruptedException {
        try (ExecutorService workers = Executors.newFixedThreadPool(atOnce)) {
            for (Future<Void> run : workers.invokeAll(runs)) {
                run.get();
            }
        } catch (ExecutionException e) {
            throw new IllegalStateException("learning failed", e.getCause());
        }
    }

    private ContextLearner learner(OnnxModel model, String name) {
        return new ContextLearner(model, epochs, line -> say(name + ": " + line));
    }

    private void say(String line) {
        System.out.printf("%5d s  %s%n", Duration.between(began, Instant.now()).toSeconds(), line);
    }

    private Void judge(
            int part,
            Authors authors,
            List<LabelledTalk> labelled,
            List<TalkToLearn> talks,
            OnnxModel model,
            double[][][] judged) {
        List<TalkToLearn> others =
                talks.stream().filter(t -> authors.partOf(t.author()) != part).toList();
        ContextClassifier classifier = new ContextClassifier(
                learner(model, "without part " + (part + 1)).learn(others, seed));
        for (int t = 0; t < judged.length; t++) {
            if (authors.partOf(talks.get(t).author()) == part) {
                judged[t] = classifier.read(labelled.get(t).sentences(), Progress.UNWATCHED).stream()
                        .map(InContext::probabilities)
                        .toArray(double[][]::new);
            }
        }
        return null;
    }

    private void write(ContextWeights weights) {
        try (OutputStream to = new BufferedOutputStream(Files.newOutputStream(out))) {
            weights.write(to);
        } catch (IOException e) {
            throw new UncheckedIOException("the weights cannot be written: " + out, e);
        }
    }
}
