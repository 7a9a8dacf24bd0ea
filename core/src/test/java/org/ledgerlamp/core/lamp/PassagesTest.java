package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class PassagesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 10, 30);

    private static final String PUT_OFF =
            """
            [00:00:03] Mira Voss: The second charger, at two hundred and twelve thousand.
            [00:00:12] Ana Prokop: I'd rather see a month of data from Skarness first.
            [00:00:20] Mira Voss: Okay, then we put the second charger off until November.
            [00:00:26] Tom Reyes: Fine.
            """;
    private static final String BOUGHT =
            """
            [00:00:03] Mira Voss: The bollards first. We decided that we paint the bollards in May.
            [00:00:12] Ivo Brandt: Good. Lovely weather for it.
            [00:00:20] Mira Voss: Then the second charger. We agreed: we buy the second charger from Halden.
            [00:00:26] Tom Reyes: Yes.
            """;

    private static List<Statement> answer(String question, LampMeeting... meetings) {
        return new Lamp(new HeldLedger(List.of(meetings))).ask(question, TODAY).statements();
    }

    @Test
    void of_several_decisions_on_a_subject_the_one_that_was_taken_last_is_told_first() throws Exception {
        Statement first = answer(
                        "What did we decide about the second charger?",
                        TestMeeting.of("01", "Steering group", "2026-09-07", PUT_OFF),
                        TestMeeting.of("02", "Steering group", "2026-10-12", BOUGHT))
                .getFirst();

        assertThat(first.said()).isFalse();
        assertThat(first.text()).containsIgnoringCase("Halden");
    }

    @Test
    void a_decision_on_something_else_close_by_is_not_told_before_the_one_asked_for() throws Exception {
        Statement first = answer(
                        "What did we decide about the bollards?",
                        TestMeeting.of("02", "Steering group", "2026-10-12", BOUGHT))
                .getFirst();

        assertThat(first.text()).containsIgnoringCase("paint the bollards");
    }

    @Test
    void talk_is_read_on_to_the_reply_and_then_only_where_minutes_would_tell_of_it() throws Exception {
        String talk =
                """
                [00:00:03] Mira Voss: What did the yard say about the propeller shaft of the Gannet?
                [00:00:10] Ana Prokop: They looked at it on Monday.
                [00:00:14] Tom Reyes: Has anybody seen my gloves, by the way?
                [00:00:19] Ivo Brandt: Under the chair, I think.
                [00:00:24] Ana Prokop: I'll send the yard the drawings by Friday.
                """;
        List<Statement> told = answer(
                "what about the propeller shaft of the Gannet?",
                TestMeeting.of("01", "Berth weekly", "2026-09-15", talk));

        assertThat(told)
                .extracting(Statement::text)
                .contains("They looked at it on Monday.", "I'll send the yard the drawings by Friday.")
                .doesNotContain("Has anybody seen my gloves, by the way?", "Under the chair, I think.");
    }

    @Test
    void what_became_of_something_is_told_by_the_last_meeting_that_named_it() throws Exception {
        LampMeeting promised = TestMeeting.of(
                "01",
                "Berth weekly",
                "2026-09-01",
                """
                [00:00:03] Mira Voss: The stock list of the spare parts. Ana, will you finish the stock list?
                [00:00:10] Ana Prokop: I'll finish the stock list of the spare parts by the end of September.
                [00:00:19] Tom Reyes: The stock list is what we need most.
                """);
        LampMeeting heard = TestMeeting.of(
                "02",
                "Berth weekly",
                "2026-10-20",
                """
                [00:00:03] Mira Voss: And the stock list?
                [00:00:10] Ana Prokop: I gave up after two shelves. We count by hand.
                """);

        Statement first =
                answer("Did Ana ever finish the stock list?", promised, heard).getFirst();

        assertThat(first.day()).isEqualTo("2026-10-20");
    }

    @Test
    void a_place_that_speaks_of_little_of_the_subject_is_not_told_beside_one_that_speaks_of_all() throws Exception {
        LampMeeting all = TestMeeting.of(
                "01",
                "Berth weekly",
                "2026-09-01",
                """
                [00:00:03] Mira Voss: What does the fender of the Gannet cost?
                [00:00:10] Ana Prokop: The fender of the Gannet costs four hundred.
                """);
        LampMeeting little = TestMeeting.of(
                "02",
                "Berth weekly",
                "2026-10-20",
                """
                [00:00:03] Mira Voss: The Gannet was late on Monday, fourteen minutes.
                [00:00:10] Ivo Brandt: Wind against tide.
                """);

        assertThat(answer("what did the fender of the Gannet cost?", all, little))
                .isNotEmpty()
                .allMatch(s -> s.meeting().equals("01"));
    }
}
