package org.ledgerlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MinutesCommandTest {
    private static final String TALK =
            "[00:00:03] Mira Voss: Agreed then, we put a roller on the fender.\n[00:00:09] Ana Prokop: Yes, let's do that.\n"
                    + "[00:00:12] Mira Voss: I'll order the roller by Friday.\n";
    private static final String MEETING =
            "{\"title\":\"Berth weekly\",\"date\":\"2026-03-03\",\"kind\":\"supplier call\",\"roster\":[{\"name\":\"Mira Voss\"},{\"name\":\"Ana Prokop\"}]}";

    @TempDir
    private Path folder;

    private record Outcome(int status, String error) {}

    private static Outcome run(Object... arguments) {
        String[] args = new String[arguments.length + 1];
        args[0] = "minutes";
        for (int i = 0; i < arguments.length; i++) {
            args[i + 1] = arguments[i].toString();
        }
        StringWriter error = new StringWriter();
        return new Outcome(LampCommand.run(args, new PrintWriter(error, true)), error.toString());
    }

    private Path file(String name, String content) throws Exception {
        Path file = folder.resolve(name);
        Files.createDirectories(file.getParent());
        return Files.writeString(file, content);
    }

    @Test
    void a_source_becomes_json_or_markdown_by_the_name_of_what_is_written() throws Exception {
        Path talk = file("talk.txt", TALK);
        Path meeting = file("meeting.json", MEETING);
        Path json = folder.resolve("out.json");
        Path markdown = folder.resolve("out.md");

        assertThat(run(talk, "--meeting", meeting, "--out", json)).isEqualTo(new Outcome(0, ""));
        assertThat(run(talk, "--meeting", meeting, "--out", markdown)).isEqualTo(new Outcome(0, ""));

        assertThat(json).content().contains("\"format\" : \"ledger-lamp/minutes\"", "\"due\" : \"2026-03-06\"");
        assertThat(markdown).content().contains("# Berth weekly", "## Agreed", "- [ ] Mira Voss to order");
    }

    @Test
    void a_template_is_chosen_by_name() throws Exception {
        Path out = folder.resolve("out.md");

        run(
                file("talk.txt", TALK),
                "--meeting",
                file("meeting.json", MEETING),
                "--template",
                "one-to-one",
                "--out",
                out);

        assertThat(out).content().contains("## Settled");
    }

    @Test
    void the_meeting_may_be_an_invitation_and_the_people_a_table() throws Exception {
        Path invitation = file(
                "weekly.ics",
                """
                BEGIN:VCALENDAR
                VERSION:2.0
                BEGIN:VEVENT
                UID:1
                DTSTAMP:20260201T000000Z
                DTSTART:20260303T093000Z
                SUMMARY:Berth weekly by calendar
                END:VEVENT
                END:VCALENDAR
                """);
        Path people = file("people.csv", "name,role\nMira Voss,lead\n");
        Path out = folder.resolve("out.json");

        assertThat(run(file("talk.txt", TALK), "--meeting", invitation, "--roster", people, "--out", out))
                .isEqualTo(new Outcome(0, ""));

        assertThat(out).content().contains("Berth weekly by calendar", "\"role\" : \"lead\"");
        assertThat(run(file("talk.txt", TALK), "--roster", file("odd.csv", "berth\nHolm\n"))
                        .error())
                .contains("odd.csv: line 1: expected a head");
    }

    @Test
    void a_bench_of_a_short_talk_prints_its_figures() {
        StringWriter error = new StringWriter();

        assertThat(LampCommand.run(
                        new String[] {"bench", "--words", "400", "--growth", "200,400"}, new PrintWriter(error, true)))
                .isZero();
        assertThat(error.toString()).isEmpty();
    }

    @Test
    void notes_are_taken_along() throws Exception {
        Path out = folder.resolve("out.md");

        run(
                file("talk.txt", TALK),
                "--notes",
                file("notes.txt", "D: bring cake"),
                "--meeting",
                file("meeting.json", MEETING),
                "--out",
                out);

        assertThat(out).content().contains("Bring cake");
    }

    @Test
    void a_batch_drafts_every_meeting_folder_under_its_name() throws Exception {
        for (String name : new String[] {"all/a", "all/deep/b"}) {
            file(name + "/meeting.json", MEETING);
            file(name + "/source.txt", TALK);
        }
        file("all/without/meeting.json", MEETING);
        Path out = folder.resolve("drafts");

        assertThat(run("--batch", folder.resolve("all"), "--out", out).status()).isZero();

        assertThat(out).isDirectoryContaining("glob:**/a.json").isDirectoryContaining("glob:**/b.json");
        assertThat(out.toFile().list()).hasSize(2);
    }

    @Test
    void what_cannot_be_done_ends_with_two_and_one_line() throws Exception {
        Path broken = file("broken.json", "{\"segments\": [");
        Path meeting = file("meeting.json", "{\"date\":\"someday\"}");

        assertThat(run(broken).error())
                .contains("broken.json: line 1: no valid JSON")
                .hasLineCount(1);
        assertThat(run(folder.resolve("none.txt")).error())
                .contains("there is no such file")
                .hasLineCount(1);
        assertThat(run(file("talk.txt", TALK), "--meeting", meeting).error())
                .contains("\"date\" cannot be understood")
                .hasLineCount(1);
        assertThat(run(file("talk.txt", TALK), "--template", "haiku").error())
                .contains("there are: Weekly status")
                .hasLineCount(1);
        assertThat(run().error()).contains("name either a SOURCE or --batch DIR");
        assertThat(run("--batch", folder).error()).contains("--batch wants --out");
        assertThat(run("--batch", folder.resolve("void"), "--out", folder).status())
                .isEqualTo(2);
        assertThat(run(broken, "--colour").status()).isEqualTo(2);
    }
}
