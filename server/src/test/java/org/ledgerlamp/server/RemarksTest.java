package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Remarks on a line of notes: read by all, waiting for the one they name. */
class RemarksTest extends ServerTest {
    private static final UUID LINE = UUID.randomUUID();

    private String meeting;
    private Desk ana;

    @BeforeEach
    void sitInAMeeting() throws Exception {
        meeting = desk.meeting("Berth weekly");
        ana = colleague("Ana Prokop");
    }

    private Desk.Answer remark(Desk by, String text, UUID forMember) throws Exception {
        return by.create(
                "/api/meetings/{id}/remarks",
                "{\"line\":\"%s\",\"text\":\"%s\",\"forMember\":%s}"
                        .formatted(LINE, text, forMember == null ? "null" : "\"" + forMember + "\""),
                meeting);
    }

    @Test
    void a_remark_for_a_member_waits_on_their_day_sheet_until_they_saw_it() throws Exception {
        String id =
                remark(desk, "Is that the old roller?", ana.who().memberId()).text("/id");

        Desk.Answer day = ana.read("/api/day?date=2026-03-03");
        assertThat(day.text("/remarks/0/text")).isEqualTo("Is that the old roller?");
        assertThat(day.text("/remarks/0/by")).isEqualTo("Mira Voss");
        assertThat(desk.read("/api/day?date=2026-03-03").at("/remarks")).isEmpty();

        assertThat(desk.create("/api/remarks/{id}/seen", "{}", id).status()).isEqualTo(404);
        ana.create("/api/remarks/{id}/seen", "{}", id);
        assertThat(ana.read("/api/day?date=2026-03-03").at("/remarks")).isEmpty();
        assertThat(desk.read("/api/meetings/{id}/remarks", meeting)
                        .at("/0/seen")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void a_remark_for_nobody_is_read_by_everybody() throws Exception {
        remark(ana, "Roller is with a b", null);

        assertThat(desk.read("/api/meetings/{id}/remarks", meeting).text("/0/by"))
                .isEqualTo("Ana Prokop");
    }

    @Test
    void nobody_of_another_team_can_be_named() throws Exception {
        assertThat(remark(desk, "x", otherTeam().who().memberId()).status()).isEqualTo(404);
    }

    @Test
    void matters_arising_of_a_meeting_to_come_stand_on_the_day_sheet_at_a_glance() throws Exception {
        desk.type(meeting, "A: ring the yard");
        Desk.Answer draft = desk.draft(meeting);
        for (var line : draft.at("/lines")) {
            if (line.at("/state").asString().equals("PENCIL")) {
                desk.write(
                        "/api/lines/{id}",
                        line.at("/version").asInt(),
                        WithDraft.facts(
                                line.at("/kind").asString(), line.at("/text").asString(), null, "INK"),
                        line.at("/id").asString());
            }
        }
        desk.create("/api/minutes/{id}/folio", "{}", draft.text("/id"));
        desk.create(
                "/api/meetings",
                "{\"title\":\"Next\",\"date\":\"2026-03-10\",\"zone\":\"Europe/Oslo\",\"series\":\"Berth weekly\",\"agenda\":[],\"people\":[]}");

        assertThat(desk.read("/api/day?date=2026-03-10").text("/meetings/0/matters/0/text"))
                .isEqualTo("Ring the yard.");
    }
}
