package org.ledgerlamp.training;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import org.ledgerlamp.core.exchange.MinutesJson;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Judge;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Weights;
import org.ledgerlamp.core.source.Shorthand;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Learns the weights that ship with the core, and for an honest measure drafts each author's meetings with weights that
 * were learned without that author.
 */
@Command(
        name = "train",
        description = "Learn the weights of sentences from labelled meetings.",
        mixinStandardHelpOptions = true)
public final class Train implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "DIR", description = "directories with labelled meetings")
    private List<Path> roots;

    @Option(
            names = "--out",
            paramLabel = "DIR",
            description = "write the weights learned from all meetings there: alone.tsv, among.tsv")
    private Path out;

    @Option(
            names = "--left-out",
            paramLabel = "DIR",
            description = "draft each author's meetings there, with weights learned without that author")
    private Path leftOut;

    /** Runs the command; exits with its status. */
    public static void main(String[] args) {
        System.exit(new CommandLine(new Train()).execute(args));
    }

    @Override
    public Integer call() throws IOException {
        List<Labelled> meetings = Labelled.below(roots);
        if (out != null) {
            Files.createDirectories(out);
            Judge judge = Learner.learn(meetings);
            write(judge.alone(), out.resolve(Judge.ALONE));
            write(judge.among(), out.resolve(Judge.AMONG));
        }
        if (leftOut != null) {
            for (String author :
                    new TreeSet<>(meetings.stream().map(Labelled::author).toList())) {
                Judge judge = Learner.learn(meetings.stream()
                        .filter(m -> !m.author().equals(author))
                        .toList());
                for (Labelled meeting : meetings) {
                    if (meeting.author().equals(author)) {
                        draft(meeting, judge);
                    }
                }
            }
        }
        return 0;
    }

    private static void write(Weights weights, Path file) throws IOException {
        try (Writer writer = Files.newBufferedWriter(file)) {
            weights.write(writer);
        }
    }

    /** Writes the draft below the name of the directory the meeting lies in, under the meeting's own. */
    private void draft(Labelled meeting, Judge judge) throws IOException {
        MeetingFacts facts = meeting.meeting();
        Draft draft = new Drafter(judge, Shorthand.NONE)
                .draft(meeting.source(), meeting.notes(), facts, Template.forKind(facts.kind()));
        Path root = leftOut.resolve(meeting.folder().getParent().getFileName());
        Files.createDirectories(root);
        Files.writeString(root.resolve(meeting.folder().getFileName() + ".json"), MinutesJson.write(draft));
    }
}
