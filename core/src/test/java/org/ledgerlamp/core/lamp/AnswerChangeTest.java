package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class AnswerChangeTest {
    private static Statement recorded(String meeting, String line, String lead, String text) {
        return new Statement(
                LocalDate.of(2026, 3, 3), lead, text, false, List.of(new Citation(meeting, line, 4, "as said")));
    }

    private static Statement said(String meeting, int passage, String text) {
        return new Statement(
                LocalDate.of(2026, 3, 3), "Ana", text, true, List.of(new Citation(meeting, null, passage, text)));
    }

    private static final Statement CRANE = recorded("weekly", "l1", "Tom, due 9 October", "Book the crane.");
    private static final Statement ROPE = recorded("weekly", "l2", "Ana", "Order the rope.");

    @Test
    void the_same_answer_changed_nothing_in_whatever_order_it_stands() {
        assertThat(AnswerChange.between(List.of(CRANE, ROPE), List.of(ROPE, CRANE)))
                .hasSize(2)
                .allMatch(AnswerChange::isSame);
    }

    @Test
    void what_rests_on_the_same_line_and_is_told_otherwise_is_changed() {
        Statement done = recorded("weekly", "l1", "done on 6 October", "Book the crane.");

        assertThat(AnswerChange.between(List.of(CRANE), List.of(done)))
                .singleElement()
                .satisfies(c -> {
                    assertThat(c.before()).isEqualTo(CRANE);
                    assertThat(c.now()).isEqualTo(done);
                    assertThat(c.isSame()).isFalse();
                });
    }

    @Test
    void what_rests_elsewhere_is_new_and_what_is_said_no_longer_comes_last() {
        assertThat(AnswerChange.between(List.of(CRANE), List.of(ROPE)))
                .containsExactly(new AnswerChange(null, ROPE), new AnswerChange(CRANE, null));
    }

    @Test
    void the_same_words_of_another_meeting_are_another_statement() {
        Statement again = recorded("steering", "l9", CRANE.lead(), CRANE.text());

        assertThat(AnswerChange.between(List.of(CRANE), List.of(again, CRANE)))
                .containsExactly(new AnswerChange(null, again), new AnswerChange(CRANE, CRANE));
    }

    @Test
    void words_of_the_talk_are_told_apart_by_their_passages() {
        Statement first = said("weekly", 3, "The rope is worn.");
        Statement second = said("weekly", 7, "The rope is worn.");

        assertThat(AnswerChange.between(List.of(first), List.of(second)))
                .containsExactly(new AnswerChange(null, second), new AnswerChange(first, null));
    }

    @Test
    void a_statement_that_stays_to_the_word_is_not_taken_for_the_change_of_another() {
        Statement beside = recorded("weekly", "l1", "Ana", "Book the crane.");

        assertThat(AnswerChange.between(List.of(CRANE, beside), List.of(beside)))
                .containsExactly(new AnswerChange(beside, beside), new AnswerChange(CRANE, null));
    }

    @Test
    void where_nothing_was_said_all_is_new() {
        assertThat(AnswerChange.between(List.of(), List.of(CRANE))).containsExactly(new AnswerChange(null, CRANE));
    }
}
