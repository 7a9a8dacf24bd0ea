package org.ledgerlamp.training;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.ledgerlamp.core.exchange.MinutesJson;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.ContextClassifier;
import org.ledgerlamp.core.reading.ContextReader;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.reading.Weights;
import org.ledgerlamp.core.source.Shorthand;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Learns the weights and thresholds that ship with the core, and for an honest measure drafts each author's meetings with
 * weights that were learned without that author.
 */
@Command(
        name = "train",
        description = "Learn the weights of sentences from labelled meetings.",
        mixinStandardHelpOptions = true)
public final class Train implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "DIR", description = "directories with labelled meetings")
    private List<Path> roots;

    @Option(
            names = "--context",
            required = true,
            paramLabel = "FILE",
            description = "what TrainContext --left-out wrote of these meetings")
    private Path context;

    @Option(
            names = "--out",
            paramLabel = "FILE",
            description =
                    "write the weights learned from all meetings there, with thresholds chosen on the left-out drafts")
    private Path out;

    @Option(
            names = "--left-out",
            paramLabel = "DIR",
            description = "write drafts there of each author's meetings, by weights learned without that author")
    private Path leftOut;

    @Option(
            names = "--parts",
            defaultValue = "3",
            description =
                    "parts of the authors that are left out in turn, the same as of the context (${DEFAULT-VALUE})")
    private int parts;

    /** Runs the command; exits with its status. */
    public static void main(String[] args) {
        System.exit(new CommandLine(new Train()).execute(args));
    }

    @Override
    public Integer call() throws IOException {
        List<Labelled> meetings = Labelled.below(roots, LeftOutContext.read(context));
        Authors authors = Authors.of(meetings.stream().map(Labelled::author).toList(), parts);
        AveragePrecision precision = new AveragePrecision();
        Weights[] others = new Weights[parts];
        List<List<JudgedFindings>> judged = new ArrayList<>();
        for (int part = 0; part < parts; part++) {
            Weights without = Learner.learn(outside(part, authors, meetings));
            others[part] = without;
            List<Labelled> left = inside(part, authors, meetings);
            left.forEach(m -> precision.add(without.probabilities(m.sentences()), m.targets()));
            judged.add(left.parallelStream()
                    .map(m -> JudgedFindings.of(m, without))
                    .toList());
        }
        ThresholdChoice thresholds = new ThresholdChoice();
        for (int part = 0; part < parts; part++) {
            Weights weights = FindingLearner.learn(allBut(part, judged), others[part]);
            List<Labelled> left = inside(part, authors, meetings);
            List<Draft> drafts =
                    left.parallelStream().map(m -> draft(m, weights)).toList();
            for (int m = 0; m < drafts.size(); m++) {
                thresholds.add(drafts.get(m), left.get(m).labels());
                write(drafts.get(m), left.get(m));
            }
        }
        precision.lines().forEach(System.out::println);
        if (out != null) {
            Weights weights =
                    FindingLearner.learn(judged.stream().flatMap(List::stream).toList(), Learner.learn(meetings));
            weights = thresholds.in(weights, System.out::println);
            try (Writer writer = Files.newBufferedWriter(out)) {
                weights.write(writer);
            }
        }
        return 0;
    }

    private static List<Labelled> inside(int part, Authors authors, List<Labelled> meetings) {
        return meetings.stream().filter(m -> authors.partOf(m.author()) == part).toList();
    }

    private static List<Labelled> outside(int part, Authors authors, List<Labelled> meetings) {
        return meetings.stream().filter(m -> authors.partOf(m.author()) != part).toList();
    }

    private static List<JudgedFindings> allBut(int part, List<List<JudgedFindings>> judged) {
        return IntStream.range(0, judged.size())
                .filter(p -> p != part)
                .boxed()
                .flatMap(p -> judged.get(p).stream())
                .toList();
    }

    private static Draft draft(Labelled meeting, Weights weights) {
        MeetingFacts facts = meeting.meeting();
        // Of notes beside a transcript no scores were kept; the shipped classifier reads those.
        ContextReader unseen =
                (talk, progress) -> talk.size() == meeting.context().size()
                        ? meeting.context()
                        : ContextClassifier.shipped().read(talk, progress);
        return new Drafter(new SentenceClassifier(unseen, weights), Shorthand.NONE)
                .draft(meeting.source(), meeting.notes(), facts, Template.forKind(facts.kind()));
    }

    /** Writes the draft below the name of the directory the meeting lies in, under the meeting's own. */
    private void write(Draft draft, Labelled meeting) throws IOException {
        if (leftOut != null) {
            Path root = leftOut.resolve(meeting.folder().getParent().getFileName());
            Files.createDirectories(root);
            Files.writeString(root.resolve(meeting.folder().getFileName() + ".json"), MinutesJson.write(draft));
        }
    }
}
