package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Questions over three meetings of the ferry company, drafted as they are. */
class LampTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 10, 30);
    private static Lamp lamp;

    @BeforeAll
    static void aLedger() throws Exception {
        lamp = new Lamp(
                new HeldLedger(
                        List.of(
                                TestMeeting.of(
                                        "01-steering",
                                        "Steering group",
                                        "2026-09-07",
                                        """
                        [00:00:03] Mira Voss: So, the charging mast. Two quotes, Norrvik at 84,000 and Halden at 91,000.
                        [00:00:15] Ana Prokop: Norrvik's needs no new foundation, that saves us six weeks.
                        [00:00:24] Ivo Brandt: I'm against Norrvik. They were late on the racks, put that in the minutes.
                        [00:00:33] Mira Voss: Noted, Ivo. Okay, we go with Norrvik for the charging mast.
                        [00:00:40] Ana Prokop: Agreed.
                        [00:00:44] Mira Voss: Tom, can you draw the cable route by Friday?
                        [00:00:49] Tom Reyes: Yes, I'll draw the cable route by Friday.
                        """),
                                TestMeeting.of(
                                        "02-weekly",
                                        "Berth weekly",
                                        "2026-09-15",
                                        """
                        [00:00:03] Mira Voss: Cable route, Tom?
                        [00:00:06] Tom Reyes: The cable route is drawn, I sent it to the yard on Thursday.
                        [00:00:12] Ana Prokop: The waiting room roof leaks again over the ticket counter.
                        [00:00:18] Mira Voss: Ana, will you call the roofer?
                        [00:00:22] Ana Prokop: I'll call the roofer by the end of September.
                        [00:00:30] Tom Reyes: We carried four hundred and twelve passengers on Sunday, the most ever.
                        """),
                                TestMeeting.of(
                                        "03-steering",
                                        "Steering group",
                                        "2026-10-12",
                                        """
                        [00:00:03] Mira Voss: Ana's on leave, so apologies from her.
                        [00:00:08] Ivo Brandt: Norrvik now says the charging mast is 88,500, because steel went up.
                        [00:00:17] Mira Voss: And it comes on the second of December, not in November.
                        [00:00:24] Tom Reyes: That's five weeks late.
                        [00:00:28] Mira Voss: We keep Norrvik for the charging mast all the same.
                        [00:00:33] Ivo Brandt: Fine.
                        """))));
    }

    private static Answer ask(String question) {
        return lamp.ask(question, TODAY);
    }

    @Test
    void what_was_decided_is_told_with_the_meeting_that_settled_it() {
        Answer answer = ask("What did we decide about the charging mast?");

        assertThat(answer.answered()).isTrue();
        assertThat(answer.text()).contains("Norrvik");
        assertThat(answer.citations()).extracting(Citation::meeting).contains("03-steering");
    }

    @Test
    void who_was_against_it_is_told_in_their_words() {
        assertThat(ask("who was against Norrvik?").text()).contains("Ivo: “I'm against Norrvik.");
    }

    @Test
    void a_figure_is_followed_through_time_the_latest_first() {
        Answer answer = ask("How did the price of the charging mast change?");

        assertThat(answer.statements()).extracting(Statement::day).isSortedAccordingTo((a, b) -> b.compareTo(a));
        assertThat(answer.text()).contains("88,500").contains("84,000");
    }

    @Test
    void what_is_overdue_is_what_was_due_and_nobody_said_was_done() {
        Answer answer = ask("What is overdue?");

        assertThat(answer.text()).contains("roofer").doesNotContain("cable route");
        assertThat(answer.statements().getFirst().lead()).isEqualTo("due 30 September");
    }

    @Test
    void what_somebody_owes_leaves_out_what_is_done() {
        assertThat(ask("what does Ana still owe us?").text()).contains("roofer");
        assertThat(ask("what did Tom promise?").text()).contains("cable route").contains("done");
    }

    @Test
    void who_missed_a_meeting_is_told_with_the_meeting() {
        assertThat(ask("Who missed steering meetings?").text())
                .isEqualTo("Ana Prokop missed Steering group (Mon 12 Oct 2026).");
    }

    @Test
    void the_last_meeting_is_the_latest_of_its_name() {
        assertThat(ask("who attended the last steering group?").citations())
                .extracting(Citation::meeting)
                .containsExactly("03-steering");
    }

    @Test
    void whether_somebody_was_there_is_said_plainly() {
        assertThat(ask("Was Ana at the last steering meeting?").statements())
                .singleElement()
                .satisfies(s ->
                        assertThat(s.lead() + ": " + s.text()).isEqualTo("no: Ana Prokop was not at Steering group."));
        assertThat(ask("Was Ivo at the last steering meeting?").text()).contains("yes");
    }

    @Test
    void who_was_there_is_counted_and_told_with_their_roles_where_that_is_asked() {
        assertThat(ask("how many people attended the last steering group?").text())
                .endsWith("Steering group: 3 were there: Mira Voss, Ivo Brandt, Tom Reyes.");
        assertThat(ask("roles of the people at the last steering group").text()).contains("Tom Reyes (electrician)");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "who missed the steering group in August?",
                "what happened at the meeting of 3 March?",
                "what was decided in the week of the 5th of January?"
            })
    void days_on_which_nobody_met_are_not_answered_from_others(String question) {
        assertThat(ask(question).answered()).isFalse();
    }

    @Test
    void who_said_least_is_told_in_order_of_shares() {
        Answer answer = ask("who said least in October?");

        assertThat(answer.statements()).hasSize(1);
        assertThat(answer.text()).containsPattern("(Tom|Ivo|Mira) \\p{L}+ \\d+ %");
    }

    @Test
    void shares_of_several_meetings_are_of_all_that_was_said_there() {
        Answer answer = ask("who said most in September?");

        assertThat(answer.statements()).singleElement().satisfies(s -> assertThat(s.lead())
                .isEqualTo("of 2 meetings"));
        assertThat(answer.citations()).extracting(Citation::meeting).containsExactly("02-weekly", "01-steering");
    }

    @Test
    void what_is_counted_is_named_as_well() {
        assertThat(ask("how many meetings did we have in September?").text())
                .contains("2 meetings:")
                .contains("Berth weekly");
        assertThat(ask("how many actions are overdue?").text())
                .startsWith("1 action:")
                .contains("roofer");
    }

    @Test
    void what_speaks_for_a_thing_and_against_it_is_told_apart() {
        List<Statement> told = ask("pros and cons of Norrvik's charging mast").statements();

        assertThat(told).anySatisfy(s -> {
            assertThat(s.lead()).isEqualTo("for, Ana");
            assertThat(s.text()).contains("saves us six weeks");
        });
        assertThat(told).anySatisfy(s -> {
            assertThat(s.lead()).isEqualTo("against, Ivo");
            assertThat(s.text()).contains("I'm against Norrvik");
        });
    }

    @Test
    void everything_about_a_subject_is_what_was_recorded_of_it_in_order_of_time() {
        Answer answer = ask("everything about the charging mast");

        assertThat(answer.statements()).isNotEmpty().noneMatch(Statement::said);
        assertThat(answer.citations()).extracting(Citation::meeting).isSorted().contains("01-steering", "03-steering");
    }

    @Test
    void the_meetings_of_a_month_are_told_each_by_its_lines() {
        Answer answer = ask("what happened in September?");

        assertThat(answer.citations()).extracting(Citation::meeting).contains("01-steering", "02-weekly");
        assertThat(answer.citations()).extracting(Citation::meeting).doesNotContain("03-steering");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "How much did the ticket printer cost?",
                "what did the harbour pilot say about the dredging?",
                "did we agree a date for the crew party",
            })
    void what_the_ledger_does_not_say_is_not_answered_but_the_nearest_is_shown(String question) {
        Answer answer = ask(question);

        assertThat(answer.answered()).isFalse();
        assertThat(answer.text()).isEmpty();
        assertThat(answer.statements()).isNotEmpty();
    }

    @Test
    void every_quote_stands_in_the_talk_it_is_taken_from_word_for_word() {
        List<Statement> said =
                new ArrayList<>(ask("why is the charging mast late?").statements());
        said.addAll(ask("what did Tom say about passengers?").statements());

        assertThat(said).isNotEmpty().allSatisfy(s -> {
            Citation first = s.citations().getFirst();
            assertThat(first.quote()).isNotBlank();
            assertThat(s.said() ? s.text() : first.quote()).isEqualTo(first.quote());
        });
    }

    @Test
    void changing_a_part_of_the_reading_asks_for_something_else() {
        Wanted read = lamp.read("what did we decide about the charging mast?", TODAY);
        Answer other = lamp.ask("what did we decide about the charging mast?", read.about("roof"), TODAY);

        assertThat(other.citations().getFirst().meeting()).isEqualTo("02-weekly");
    }

    @Test
    void two_questions_in_one_breath_are_both_answered_and_the_second_can_be_left_out() {
        String question = "Who is against Norrvik, and when does the charging mast come?";
        Answer both = ask(question);

        assertThat(both.wanted().also()).isEqualTo("when does the charging mast come?");
        assertThat(both.text()).contains("I'm against Norrvik", "second of December");

        Answer first = lamp.ask(question, lamp.read("Who is against Norrvik", TODAY), TODAY);
        assertThat(first).isEqualTo(ask("Who is against Norrvik"));
        assertThat(first.text()).contains("I'm against Norrvik").doesNotContain("second of December");
    }

    @Test
    void of_two_questions_the_one_that_is_not_answered_is_named() {
        Answer answer = ask("Who is against Norrvik, and how much did the ticket printer cost?");

        assertThat(answer.answered()).isTrue();
        assertThat(answer.notSaid()).isEqualTo("how much did the ticket printer cost?");
    }

    @Test
    void who_said_it_is_told_by_a_sentence_of_each() {
        assertThat(ask("who said the roof leaks?").statements().getFirst())
                .extracting(Statement::lead, Statement::text)
                .containsExactly("Ana", "The waiting room roof leaks again over the ticket counter.");
    }

    @Test
    void the_same_question_has_the_same_answer() {
        assertThat(ask("what about the roof?")).isEqualTo(ask("what about the roof?"));
    }
}
