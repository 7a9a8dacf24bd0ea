package org.ledgerlamp.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.FeaturedSentence;
import org.ledgerlamp.core.reading.Weights;
import picocli.CommandLine;

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
        List<Labelled> meetings = Labelled.below(List.of(directory));
        SentenceClassifier classifier = Learner.learn(
                meetings.stream().filter(m -> !m.author().equals("d")).toList());

        Labelled unseen = meetings.getLast();
        double[][] probabilities = classifier.probabilities(unseen.sentences());
        int action = Weights.column(Kind.ACTION);
        List<Integer> labelled = unseen.carriers().get(action).getFirst();

        assertThat(labelled).hasSize(1);
        int carrier = labelled.getFirst();
        assertThat(IntStream.range(0, probabilities.length).filter(i -> i != carrier))
                .allSatisfy(i -> assertThat(probabilities[i][action]).isLessThan(probabilities[carrier][action]));
    }

    @Test
    void weights_read_back_judge_alike() throws IOException {
        write("a1", "fender");
        write("b1", "charger");
        SentenceClassifier classifier = Learner.learn(Labelled.below(List.of(directory)));
        StringWriter written = new StringWriter();
        classifier.alone().write(written);
        Weights read = Weights.read(new StringReader(written.toString()));
        FeaturedSentence sentence =
                Labelled.below(List.of(directory)).getFirst().sentences().get(2);

        double[] before = classifier.alone().probabilities(sentence);
        double[] after = read.probabilities(sentence);

        assertThat(written.toString()).startsWith("# feature\tdecision\taction");
        for (int k = 0; k < before.length; k++) {
            assertThat(after[k]).isCloseTo(before[k], org.assertj.core.data.Offset.offset(0.02));
        }
    }

    @Test
    void the_command_writes_weights_and_drafts_with_each_author_left_out() throws IOException {
        write("a1", "fender");
        write("b1", "charger");
        Path out = directory.resolve("weights");
        Path drafts = directory.resolve("drafts");

        int status = new CommandLine(new Train())
                .execute(directory.toString(), "--out", out.toString(), "--left-out", drafts.toString());

        assertThat(status).isZero();
        assertThat(out.resolve(SentenceClassifier.ALONE)).isNotEmptyFile();
        assertThat(out.resolve(SentenceClassifier.AMONG)).isNotEmptyFile();
        assertThat(drafts.resolve(directory.getFileName()).resolve("b1.json"))
                .content()
                .contains("\"format\"");
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
