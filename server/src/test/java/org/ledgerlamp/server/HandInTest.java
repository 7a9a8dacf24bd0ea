package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A program hands in what was said with what is known of the meeting, has it drafted, files it, and finds it. */
class HandInTest extends ServerTest {
    private static final String TALK =
            "Ana: We agreed to charge at the north quay from April.\nMira: I'll order the cable by 20 March.\n";
    private static final String MEETING =
            """
            {"title":"Quay works","date":"2026-03-10","start":"09:30","timezone":"Europe/Oslo","kind":"weekly status",
             "series":"Quay works","invited":["Ana","Joost Baan"],"agenda":["Charging"],
             "roster":[{"name":"Joost Baan","email":"joost@cable.example"}]}
            """;

    private static final String CONFIRMED = "{\"asItStands\":true}";

    private Desk program;

    @BeforeEach
    void aProgram() throws Exception {
        desk.person("Ana Reis");
        desk.person("Mira Voss");
        program = desk.carrying(
                desk.create("/api/tokens", "{\"name\":\"p\",\"uses\":[\"LOOK\",\"BRING\",\"DRAFT\",\"FILE\"]}")
                        .text("/words"));
    }

    @Test
    void from_the_talk_to_the_answer() throws Exception {
        Desk.Answer handed = program.handIn("quay.txt", TALK, MEETING);
        assertThat(handed.status()).isEqualTo(201);

        Desk.Answer draft =
                program.preferring("wait=60").create("/api/meetings/{id}/minutes", "{}", handed.text("/meetingId"));
        assertThat(draft.text("/state")).isEqualTo("DONE");
        assertThat(program.create("/api/minutes/{id}/folio", "", draft.text("/minutesId"))
                        .status())
                .as("what nobody confirmed")
                .isEqualTo(409);
        Desk.Answer filed = program.create("/api/minutes/{id}/folio", CONFIRMED, draft.text("/minutesId"));
        assertThat(filed.status()).isEqualTo(200);

        assertThat(program.read("/api/lamp?q=north quay").at("/total").asInt()).isPositive();
        Desk.Answer answer = program.create("/api/ask", "{\"question\":\"Who orders the cable?\"}");
        assertThat(answer.at("/answered").asBoolean()).isTrue();
        assertThat(answer.at("/statements/0/citations/0/folio").asInt())
                .isEqualTo(filed.at("/filing/folio").asInt());
    }

    @Test
    void the_meeting_is_as_it_was_told_and_whom_the_roster_does_not_know_is_invited_by_name() throws Exception {
        String id = program.handIn("quay.txt", TALK, MEETING).text("/meetingId");

        Desk.Answer meeting = desk.read("/api/meetings/{id}", id);
        assertThat(meeting.text("/title")).isEqualTo("Quay works");
        assertThat(meeting.text("/start")).startsWith("09:30");
        assertThat(meeting.text("/agenda/0")).isEqualTo("Charging");
        assertThat(meeting.text("/people/0/name")).isEqualTo("Ana Reis");
        assertThat(meeting.text("/guests/0/name")).isEqualTo("Joost Baan");
        assertThat(meeting.text("/guests/0/email")).isEqualTo("joost@cable.example");
        assertThat(desk.read("/api/people").body().size()).isEqualTo(2);
    }

    @Test
    void the_same_again_changes_nothing() throws Exception {
        Desk.Answer first = program.handIn("quay.txt", TALK, MEETING);

        Desk.Answer again = program.handIn("quay.txt", TALK, MEETING);

        assertThat(again.body()).isEqualTo(first.body());
        assertThat(desk.read("/api/tray").body().size()).isOne();
        String draft = program.preferring("wait=60")
                .create("/api/meetings/{id}/minutes", "{}", first.text("/meetingId"))
                .text("/minutesId");
        program.create("/api/minutes/{id}/folio", CONFIRMED, draft);
        assertThat(program.handIn("quay.txt", TALK, MEETING).body()).isEqualTo(first.body());
    }

    @Test
    void a_meeting_that_is_there_already_is_taken() throws Exception {
        String there = desk.meeting("Weekly");

        Desk.Answer handed = program.handIn("w.txt", TALK, "{\"title\":\"weekly\",\"date\":\"2026-03-03\"}");

        assertThat(handed.text("/meetingId")).isEqualTo(there);
    }

    @Test
    void the_same_words_of_another_meeting_are_another_source() throws Exception {
        Desk.Answer first = program.handIn("quay.txt", TALK, MEETING);

        Desk.Answer other = program.handIn("quay.txt", TALK, MEETING.replace("2026-03-10", "2026-03-17"));

        assertThat(List.of(other.text("/meetingId"), other.text("/sourceIds/0")))
                .doesNotContain(first.text("/meetingId"), first.text("/sourceIds/0"));
    }

    @Test
    void what_cannot_be_understood_is_refused_before_anything_is_taken_in() throws Exception {
        for (String meeting : List.of(
                "{\"title\":\"No day\"}",
                "no json",
                "{\"date\":\"2026-13-01\"}",
                "{\"date\":\"2026-03-10\",\"plannedMinutes\":100000}")) {
            Desk.Answer refused = program.handIn("quay.txt", TALK, meeting);
            assertThat(refused.status()).as(meeting).isEqualTo(400);
            assertThat(refused.text("/detail")).startsWith("The meeting cannot be understood");
        }
        assertThat(desk.read("/api/tray").body().size()).isZero();
    }

    @Test
    void a_meeting_of_a_megabyte_is_none() throws Exception {
        String heavy = MEETING.replace("\"Charging\"", "\"" + "c".repeat(1_000_000) + "\"");

        assertThat(program.handIn("quay.txt", TALK, heavy).status()).isEqualTo(400);
        assertThat(desk.read("/api/tray").body().size()).isZero();
    }

    @Test
    void what_cannot_be_read_is_kept_and_the_reason_is_told() throws Exception {
        Desk.Answer refused = program.handIn("broken.docx", "PK\u0003\u0004 no archive", MEETING);

        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text("/detail")).contains("broken.docx").contains("kept in the in-tray");
        assertThat(desk.read("/api/tray").text("/0/id")).isEqualTo(refused.text("/sourceId"));
        assertThat(desk.read("/api/meetings?from=2026-03-01&to=2026-03-31")
                        .body()
                        .size())
                .isZero();
    }
}
