package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.ledgerlamp.core.ledger.SkerryLedger.meeting;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** An action spoken of again in a later meeting is recognised, in other words than the first time. */
class CoursesTest {
    private static final String FIRST_TALK =
            """
            Mira: So, the summer. Anything from the harbour board?
            Tom: They want a drawing of the gangway hinge, with the clearances.
            Tom: I'll put it together by the end of the month.
            Mira: Good. And the spare pantograph, where does it live?
            Ana: In the boat hall, behind the winch.
            Mira: Somebody ought to label the crates in there.
            Joss: The timetable leaflet goes to the printer in a fortnight.
            Joss: I'll get the fares checked before that.
            """;
    private static final FiledMeeting FIRST = meeting("1", "2026-03-03")
            .said(FIRST_TALK)
            .action("Tom Reyes to put it together by the end of the month.", "Tom Reyes", "I'll put it together")
            .action("Label the crates in there.", null, "Somebody ought to label the crates")
            .action("Joss Lindqvist to get the fares checked.", "Joss Lindqvist", "I'll get the fares checked")
            .filed();

    private static LedgerWalk after(FiledMeeting... later) {
        LedgerWalk walk = new LedgerWalk();
        walk.file(FIRST);
        for (FiledMeeting meeting : later) {
            walk.file(meeting);
        }
        return walk;
    }

    private static Course course(LedgerWalk walk, String line) {
        return walk.courses().stream()
                .filter(c -> c.line().id().equals(line))
                .findFirst()
                .orElseThrow();
    }

    private static FiledMeeting second(String talk) {
        return meeting("2", "2026-03-10").said(talk).filed();
    }

    @Test
    void a_report_by_its_owner_closes_it_and_the_words_are_kept() {
        Course course = course(
                after(
                        second(
                                """
                        Mira: Right, round the table.
                        Tom: The hinge drawing went to the harbour board on Thursday, clearances and all.
                        Mira: Lovely.
                        """)),
                "1.1");

        assertThat(course.outcome()).contains(Outcome.DONE);
        Recall recall = course.steps().getFirst().recall();
        assertThat(recall.passage()).isEqualTo(1);
        assertThat(recall.quote()).contains("hinge drawing went");
    }

    @Test
    void a_reminder_is_answered_by_whoever_replies_and_the_new_day_is_taken() {
        Course course = course(
                after(
                        second(
                                """
                        Mira: Tom, the gangway hinge for the board, what happened to that drawing?
                        Tom: I haven't finished it. I'll have it by Friday.
                        Ana: Fine.
                        """)),
                "1.1");

        assertThat(course.outcome()).contains(Outcome.SLIPPED);
        assertThat(course.steps().getFirst().recall().due()).isEqualTo(LocalDate.of(2026, 3, 13));
    }

    @Test
    void what_nobody_owned_may_be_reported_by_anybody() {
        Course course = course(
                after(
                        second(
                                """
                        Mira: Anything else from the boat hall?
                        Ana: The crates are labelled, I did them on Sunday.
                        """)),
                "1.2");

        assertThat(course.outcome()).contains(Outcome.DONE);
    }

    @Test
    void it_goes_over_to_somebody_else() {
        Course course = course(
                after(
                        second(
                                """
                        Joss: The fares for the leaflet, I can't get to them before the printer. Ana, would you take that?
                        Ana: I can, yes.
                        """)),
                "1.3");

        assertThat(course.outcome()).contains(Outcome.HANDED_OVER);
        assertThat(course.steps().getFirst().recall().owner()).isEqualTo("Ana Prokop");
    }

    @Test
    void it_is_dropped() {
        Course course = course(
                after(
                        second(
                                """
                        Tom: The hinge drawing for the harbour board: they changed their minds, so we drop it.
                        Mira: One less.
                        """)),
                "1.1");

        assertThat(course.outcome()).contains(Outcome.DROPPED);
    }

    @Test
    void half_of_it_is_not_all_of_it() {
        Course course = course(
                after(second("Tom: I've done half of the hinge drawing for the board, the clearances are missing.")),
                "1.1");

        assertThat(course.outcome()).contains(Outcome.PARTLY);
    }

    @Test
    void other_talk_of_the_same_person_is_not_it() {
        LedgerWalk walk = after(
                second(
                        """
                Tom: I rang the yard about the paint and they sent the invoice on Monday.
                Mira: And the crew cabin?
                Tom: Done, the heater went in.
                """));

        assertThat(walk.courses()).allSatisfy(c -> assertThat(c.steps()).isEmpty());
    }

    @Test
    void what_ended_stays_ended_however_much_is_said_of_it_later() {
        FiledMeeting third = meeting("3", "2026-03-17")
                .said("Tom: About the hinge drawing for the board, I haven't heard what they think of the clearances.")
                .filed();

        Course course = course(
                after(second("Tom: The hinge drawing went to the harbour board, clearances and all."), third), "1.1");

        assertThat(course.steps()).hasSize(2);
        assertThat(course.outcome()).contains(Outcome.DONE);
    }

    @Test
    void a_promise_made_again_is_the_same_one_and_not_a_second() {
        FiledMeeting again = meeting("2", "2026-03-10")
                .said(
                        """
                        Mira: Tom, did you finish the gangway hinge drawing for the board?
                        Tom: Not yet. I'll do the hinge drawing by Friday.
                        """)
                .action("Tom Reyes to do the hinge drawing.", "Tom Reyes", "I'll do the hinge drawing by Friday")
                .filed();

        LedgerWalk walk = after(again);

        assertThat(walk.courses()).extracting(c -> c.line().id()).containsExactly("1.1", "1.2", "1.3");
        assertThat(course(walk, "1.1").outcome()).contains(Outcome.SLIPPED);
    }

    @Test
    void one_sentence_speaks_of_one_action() {
        FiledMeeting twice = meeting("1", "2026-03-03")
                .said("Tom: I'll draw the gangway hinge.\nTom: And I'll measure the gangway hinge.")
                .action("Tom Reyes to draw the gangway hinge.", "Tom Reyes", "I'll draw the gangway hinge")
                .action("Tom Reyes to measure the gangway hinge.", "Tom Reyes", "I'll measure the gangway hinge")
                .filed();
        LedgerWalk walk = new LedgerWalk();
        walk.file(twice);
        walk.file(second("Tom: I've measured the gangway hinge."));

        List<Optional<Outcome>> outcomes =
                walk.courses().stream().map(Course::outcome).toList();

        assertThat(outcomes).containsExactly(Optional.empty(), Optional.of(Outcome.DONE));
    }

    @Test
    void what_a_line_is_about_stands_in_one_order_in_every_run() {
        Subject subject = Subject.of(FIRST.lines().getFirst(), FIRST);

        assertThat(new ArrayList<>(subject.around().keySet()))
                .hasSizeGreaterThan(5)
                .isSorted();
        assertThat(new ArrayList<>(subject.own())).hasSizeGreaterThan(2).isSorted();
    }
}
