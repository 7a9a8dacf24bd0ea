package org.ledgerlamp.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.language.SpokenSentence;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.reading.ContextClassifier;
import org.ledgerlamp.core.reading.ContextWeights;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.FeaturedFinding;
import org.ledgerlamp.core.reading.FeaturedSentence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Weights;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class LearningTest {
    @TempDir
    private Path directory;

    @Test
    void a_quote_covers_the_sentence_it_is_taken_from_and_short_ones_only_close_by() {
        List<List<String>> sentences = List.of(
                        "Yes.",
                        "The kettle is on.",
                        "Could we paint the Gannet in the first week of May?",
                        "Yes.",
                        "I'll tell the yard.")
                .stream()
                .map(Quotes::words)
                .toList();

        assertThat(Quotes.covered(List.of("paint the Gannet in the first week"), sentences))
                .containsExactly(2);
        assertThat(Quotes.covered(List.of("Yes"), sentences)).isEmpty();
        assertThat(Quotes.longestRun(Quotes.words("the first week of May"), Quotes.words("in the first week")))
                .isEqualTo(3);
    }

    @Test
    void what_was_learned_judges_sentences_it_has_not_seen() throws IOException {
        for (String author : List.of("a", "b", "c", "d")) {
            for (int n = 1; n <= 3; n++) {
                write(author + n, thing(author.charAt(0) + n));
            }
        }
        List<Labelled> meetings = labelled();
        Weights weights = Learner.learn(
                meetings.stream().filter(m -> !m.author().equals("d")).toList());

        Labelled unseen = meetings.getLast();
        double[][] probabilities = weights.probabilities(unseen.sentences());
        int action = Weights.column(Kind.ACTION);
        List<Integer> labelled = unseen.carriers().get(action).getFirst();

        assertThat(labelled).hasSize(1);
        int carrier = labelled.getFirst();
        assertThat(IntStream.range(0, probabilities.length).filter(i -> i != carrier))
                .allSatisfy(i -> assertThat(probabilities[i][action]).isLessThan(probabilities[carrier][action]));
    }

    @Test
    void a_feature_that_fewer_than_three_authors_show_has_no_weight() throws IOException {
        write("a1", "fender");
        write("b1", "charger");
        Weights ofTwo = Learner.learn(labelled());
        assertThat(ofTwo.row("rule:action.promised.promise")).containsOnly(0);

        write("c1", "banner");
        Weights ofThree = Learner.learn(labelled());
        assertThat(ofThree.row("rule:action.promised.promise")[Weights.column(Kind.ACTION)])
                .isPositive();
    }

    @Test
    void what_tells_findings_that_a_label_says_is_learned_for_each_kind_alone() {
        List<JudgedFindings> meetings = new ArrayList<>();
        for (String author : List.of("a", "b", "c", "d")) {
            FeaturedFinding repeated = finding(Kind.ACTION, "order the fender", Map.of("finding:said again", 1.0));
            FeaturedFinding once = finding(Kind.ACTION, "look at the hull", Map.of("finding:said again", 0.0));
            FeaturedFinding risk = finding(Kind.RISK, "the frost comes", Map.of("finding:said again", 0.0));
            meetings.add(new JudgedFindings(author, List.of(repeated, once, risk), Set.of(repeated)));
        }

        Weights learned = FindingLearner.learn(meetings, new Weights(Map.of()));

        double[] row = learned.row("finding:said again");
        assertThat(row[Weights.column(Kind.ACTION)]).isPositive();
        assertThat(row[Weights.column(Kind.RISK)]).isZero();
    }

    private static FeaturedFinding finding(Kind kind, String said, Map<String, Double> features) {
        Evidence evidence = new Evidence(Evidence.Origin.TALK, 0, null, null, 0, said.length(), said);
        Finding finding =
                new Finding(kind, said, null, null, null, null, null, null, 0.5, List.of(), List.of(evidence));
        return new FeaturedFinding(finding, features, 0, 1);
    }

    @Test
    void weights_and_thresholds_read_back_judge_alike() throws IOException {
        write("a1", "fender");
        write("b1", "charger");
        double[] thresholds = {0.5, 0.6, 0.3, 0.3, 0.3, 0.3, 0.2, 0.2};
        Weights weights = Learner.learn(labelled()).with(Weights.DRAFTING, thresholds);
        StringWriter written = new StringWriter();
        weights.write(written);
        Weights read = Weights.read(new StringReader(written.toString()));
        FeaturedSentence sentence = labelled().getFirst().sentences().get(2);

        double[] before = weights.probabilities(sentence);
        double[] after = read.probabilities(sentence);

        assertThat(written.toString()).startsWith("# feature\tdecision\taction");
        assertThat(read.row(Weights.DRAFTING)).containsExactly(thresholds);
        for (int k = 0; k < before.length; k++) {
            assertThat(after[k]).isCloseTo(before[k], org.assertj.core.data.Offset.offset(0.02));
        }
    }

    @Test
    void the_commands_learn_a_context_classifier_and_weights_and_draft_with_each_author_left_out() throws IOException {
        write("a1", "fender");
        write("b1", "charger");
        Path scores = directory.resolve("context.tsv");
        Path context = directory.resolve("context.bin");
        Path weights = directory.resolve("classifier.tsv");
        Path drafts = directory.resolve("drafts");

        int learned = new CommandLine(new TrainContext())
                .execute(
                        directory.toString(),
                        "--parts",
                        "2",
                        "--epochs",
                        "1",
                        "--left-out",
                        scores.toString(),
                        "--out",
                        context.toString());
        int weighed = new CommandLine(new Train())
                .execute(
                        directory.toString(),
                        "--parts",
                        "2",
                        "--context",
                        scores.toString(),
                        "--out",
                        weights.toString(),
                        "--left-out",
                        drafts.toString());

        assertThat(List.of(learned, weighed)).containsOnly(0);
        assertThat(LeftOutContext.read(scores)).hasSize(2).allSatisfy((name, rows) -> assertThat(rows)
                .hasDimensions(4, Weights.COLUMNS.size()));
        try (InputStream in = Files.newInputStream(context)) {
            ContextWeights read = ContextWeights.read(in);
            assertThat(read.learnedFrom()).startsWith("2 talks by 2 authors");
            assertThat(new ContextClassifier(read)
                            .read(List.of(new SpokenSentence("Tom", "i'll order it.")), Progress.UNWATCHED))
                    .singleElement()
                    .satisfies(sentence -> assertThat(sentence.probabilities()).hasSize(Weights.COLUMNS.size()));
        }
        assertThat(weights).content().contains("threshold:draft");
        assertThat(drafts.resolve(directory.getFileName()).resolve("b1.json"))
                .content()
                .contains("\"format\"");
    }

    @Test
    void a_threshold_is_where_lines_are_right_often_enough() throws IOException {
        write("a1", "fender");
        ThresholdChoice choice = new ThresholdChoice();
        JsonNode gold = JsonMapper.shared().readTree(Files.readString(directory.resolve("a1/gold.json")));
        choice.add(draft(0.9, "Tom Reyes to order the fender.", "I'll order the fender on Monday."), gold);
        choice.add(draft(0.5, "Mira Voss to paint the hull.", "The hull was blue."), gold);
        List<String> told = new ArrayList<>();

        Weights chosen = choice.in(new Weights(Map.of()), told::add);

        assertThat(chosen.row(Weights.DRAFTING)[Weights.column(Kind.ACTION)]).isEqualTo(0.9);
        assertThat(chosen.row(Weights.OFFERING)[Weights.column(Kind.ACTION)]).isEqualTo(0.27);
        assertThat(told).anyMatch(line -> line.startsWith("action from 0.90 on: precision 1.00"));
    }

    private static Draft draft(double certainty, String text, String quote) {
        Evidence evidence = new Evidence(Evidence.Origin.TALK, 0, null, null, 0, quote.length(), quote);
        Line line =
                new Line(Kind.ACTION, text, null, null, null, 0, null, certainty, List.of(), null, List.of(evidence));
        return new Draft(null, null, null, null, null, List.of(line), List.of(), List.of());
    }

    /** The meetings as a context classifier leaves them that knows nothing. */
    private List<Labelled> labelled() throws IOException {
        Map<String, double[][]> unknown = new HashMap<>();
        for (Path folder : Labelled.folders(List.of(directory))) {
            double[][] rows = new double[4][Weights.COLUMNS.size()];
            for (double[] row : rows) {
                Arrays.fill(row, 0.5);
            }
            unknown.put(Labelled.name(folder), rows);
        }
        return Labelled.below(List.of(directory), unknown);
    }

    private static String thing(int n) {
        return List.of("fender", "charger", "banner", "rota", "gangway").get(n % 5);
    }

    private void write(String name, String thing) throws IOException {
        Path folder = Files.createDirectories(directory.resolve(name));
        Files.writeString(
                folder.resolve("meeting.json"),
                """
                {"title": "Weekly", "date": "2026-03-03", "timezone": "Europe/Dublin",
                 "roster": [{"name": "Mira Voss", "role": "lead"}, {"name": "Tom Reyes", "role": "engineer"}],
                 "invited": ["Mira Voss", "Tom Reyes"], "agenda": []}
                """);
        Files.writeString(
                folder.resolve("source.txt"),
                """
                Mira Voss: The rain has stopped.
                Tom Reyes: I'll order the %1$s on Monday.
                Mira Voss: The %1$s was blue last year.
                Tom Reyes: It was a nice blue.
                """
                        .formatted(thing));
        Files.writeString(
                folder.resolve("gold.json"),
                "{\"actions\": [{\"quotes\": [\"I'll order the %s on Monday.\"]}]}".formatted(thing));
    }
}
