package org.ledgerlamp.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ledgerlamp.core.lamp.WeighedPlaces;
import org.ledgerlamp.core.lamp.WeighedPlaces.Place;
import org.ledgerlamp.training.LabelledLedger.Question;
import picocli.CommandLine;

class PlaceLearningTest {
    private static final int TRAITS = WeighedPlaces.traits().size();

    @TempDir
    private Path directory;

    private static Place place(int trait, double much) {
        List<Double> traits = new ArrayList<>(Collections.nCopies(TRAITS, 0.0));
        traits.set(trait, much);
        return new Place("01", "The ramp is mended.", traits);
    }

    @Test
    void what_labelled_sentences_have_counts_for_and_what_others_have_against() {
        List<Question> questions = List.of(
                new Question(List.of(place(1, 0.9), place(2, 0.8), place(3, 0.1)), List.of(true, false, false)),
                new Question(List.of(place(2, 0.7), place(1, 0.8), place(4, 0.2)), List.of(false, true, false)));

        double[] weights = PlaceLearner.learn(questions);

        assertThat(weights[1]).isPositive();
        assertThat(weights[2]).isNegative();
        assertThat(weights[0]).isZero();
        assertThat(PlaceLearner.found(questions, weights, 1)).isEqualTo(1);
        assertThat(PlaceLearner.found(questions, new double[TRAITS], 1)).isEqualTo(0.5);
    }

    @Test
    void a_labelled_ledger_is_read_with_the_sentences_its_answers_rest_on() throws IOException {
        LabelledLedger ledger = LabelledLedger.in(ledger("quay", "fender"));

        assertThat(ledger.questions()).singleElement().satisfies(q -> {
            int at = q.answers().indexOf(true);
            assertThat(q.places().get(at).text()).isEqualTo("The fender costs four hundred from Halden.");
            assertThat(q.answers()).containsOnlyOnce(true);
            assertThat(q.places()).allSatisfy(p -> assertThat(p.traits()).hasSize(TRAITS));
        });
    }

    @Test
    void the_command_tells_the_weights_and_how_well_those_do_that_never_saw_a_ledger() throws IOException {
        StringWriter out = new StringWriter();

        int status = new CommandLine(new TrainPlaces())
                .setOut(new PrintWriter(out))
                .execute(
                        ledger("quay", "fender").toString(),
                        ledger("yard", "crane").toString());

        assertThat(status).isZero();
        assertThat(out.toString())
                .contains(WeighedPlaces.traits())
                .contains("quay, learned from the others: among the first three 1.00")
                .contains("yard, as shipped: among the first three 1.00");
    }

    private Path ledger(String name, String thing) throws IOException {
        Path folder = directory.resolve(name);
        Path meeting = Files.createDirectories(folder.resolve("01-weekly"));
        Files.writeString(
                meeting.resolve("meeting.json"),
                """
                {"title": "Weekly", "date": "2026-03-03", "timezone": "Europe/Dublin",
                 "roster": [{"name": "Mira Voss"}, {"name": "Tom Reyes"}], "invited": ["Mira Voss", "Tom Reyes"]}
                """);
        Files.writeString(
                meeting.resolve("source.txt"),
                """
                Mira Voss: The rain has stopped at last.
                Tom Reyes: The %1$s costs four hundred from Halden.
                Mira Voss: The deckhands were late on Monday morning.
                Tom Reyes: It was the bridge again, I think.
                """
                        .formatted(thing));
        Files.writeString(meeting.resolve("gold.json"), "{}");
        Files.writeString(
                folder.resolve("ledger.json"),
                """
                {"askedOn": "2026-04-01", "questions": [
                 {"ask": "What does the %1$s cost?", "answer": "400", "meetings": ["01-weekly"],
                  "quotes": ["The %1$s costs four hundred from Halden."]},
                 {"ask": "Who sings?", "answer": null, "meetings": [], "quotes": []}]}
                """
                        .formatted(thing));
        return folder;
    }
}
