package org.ledgerlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class AskCommandTest {
    private static final String PEOPLE =
            "\"roster\":[{\"name\":\"Mira Voss\"},{\"name\":\"Ana Prokop\"},{\"name\":\"Tom Reyes\"}]";

    @TempDir
    private Path folder;

    private Path questions;

    @BeforeEach
    void aLedger() throws Exception {
        meeting(
                "b-first",
                "2026-03-03",
                """
                [00:00:03] Mira Voss: They want a drawing of the gangway hinge at the harbour board.
                [00:00:09] Tom Reyes: I'll send the gangway hinge drawing by Friday.
                [00:00:12] Ana Prokop: Thanks.
                """);
        meeting(
                "a-second",
                "2026-03-10",
                """
                [00:00:03] Mira Voss: From last time, Tom, the hinge drawing for the harbour board?
                [00:00:09] Tom Reyes: I sent the gangway hinge drawing to the harbour board on Thursday.
                [00:00:12] Ana Prokop: Good.
                """);
        questions = Files.writeString(
                folder.resolve("ledger.json"), "{\"questions\":[{\"ask\":\"What became of the hinge?\"}]}");
    }

    private void meeting(String name, String date, String talk) throws Exception {
        Path in = Files.createDirectories(folder.resolve("meetings").resolve(name));
        Files.writeString(
                in.resolve("meeting.json"),
                "{\"title\":\"Berth weekly\",\"series\":\"Berth weekly\",\"kind\":\"weekly status\",\"date\":\"" + date
                        + "\"," + PEOPLE + "}");
        Files.writeString(in.resolve("source.txt"), talk);
    }

    private record Ended(int status, String error) {}

    private Ended ask(Path ledger, Path batch) {
        StringWriter error = new StringWriter();
        int status = LampCommand.run(
                new String[] {
                    "ask",
                    "--ledger",
                    ledger.toString(),
                    "--batch",
                    batch.toString(),
                    "--out",
                    folder.resolve("answers.json").toString()
                },
                new PrintWriter(error, true));
        return new Ended(status, error.toString());
    }

    @Test
    void meetings_are_filed_in_order_of_date_and_an_action_is_followed_across_them() throws Exception {
        assertThat(ask(folder.resolve("meetings"), questions)).isEqualTo(new Ended(0, ""));

        JsonNode answers = JsonMapper.builder().build().readTree(Files.readString(folder.resolve("answers.json")));
        JsonNode lineage = answers.at("/lineage/0");
        assertThat(lineage.at("/first").asString()).isEqualTo("b-first");
        assertThat(lineage.at("/mentions/0").asString()).isEqualTo("a-second");
        assertThat(lineage.at("/end").asString()).isEqualTo("done");
        assertThat(answers.at("/answers/0/ask").asString()).isEqualTo("What became of the hinge?");
    }

    private record Printed(int status, String out, String error) {}

    private Printed ask(String... more) {
        StringWriter out = new StringWriter();
        StringWriter error = new StringWriter();
        List<String> args = new ArrayList<>(
                List.of("ask", "--ledger", folder.resolve("meetings").toString()));
        args.addAll(List.of(more));
        int status =
                LampCommand.run(args.toArray(String[]::new), new PrintWriter(out, true), new PrintWriter(error, true));
        return new Printed(status, out.toString(), error.toString());
    }

    @Test
    void a_question_is_answered_with_the_places_the_answer_rests_on() {
        Printed printed = ask("What became of the gangway hinge drawing?");

        assertThat(printed.status()).isZero();
        assertThat(printed.out()).contains("on Thursday").contains("a-second, passage 2: I sent the gangway hinge");
    }

    @Test
    void what_no_meeting_says_is_not_answered_and_the_nearest_places_are_shown() {
        Printed printed = ask("How much did the gangway paint cost?", "--asked-on", "2026-03-11");

        assertThat(printed.status()).isZero();
        assertThat(printed.out()).startsWith("The ledger does not say.").contains("passage");
    }

    @Test
    void a_question_or_a_batch_is_wanted_and_never_both() {
        assertThat(ask()).isEqualTo(new Printed(2, "", "lamp: give a question, or --batch FILE and --out FILE\n"));
        assertThat(ask("What?", "--batch", questions.toString()).status()).isEqualTo(2);
    }

    @Test
    void a_batch_says_on_which_day_it_is_asked() throws Exception {
        Path wrong = Files.writeString(folder.resolve("day.json"), "{\"askedOn\":\"soon\",\"questions\":[]}");

        assertThat(ask(folder.resolve("meetings"), wrong).error()).endsWith("\"askedOn\" is no day: soon\n");
    }

    @Test
    void what_cannot_be_read_is_named_in_one_line() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.json"), "{\"questions\": [");

        assertThat(ask(folder.resolve("nowhere"), questions))
                .isEqualTo(new Ended(2, "lamp: " + folder.resolve("nowhere") + ": there is no such folder\n"));
        assertThat(ask(folder.resolve("meetings"), broken).error())
                .startsWith("lamp: " + broken + ": no valid JSON")
                .hasLineCount(1);
    }
}
