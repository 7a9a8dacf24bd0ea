package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;

/** Which sentences speak of one matter. */
class OneMatterTest {
    private final Talk talk = new Talk(
            Skerry.talk(
                    "Tom Reyes: I propose we replace the northern fender before the frost.",
                    "Mira Voss: Agreed, we replace the northern fender before the frost.",
                    "Ana Prokop: And the bus to the ferry, then, costs a dollar.",
                    "Tom Reyes: The crane was greased.",
                    "Ana Prokop: The winch too.",
                    "Joss Lindqvist: Nobody was late.",
                    "Petra Holt: The flags are washed.",
                    "Joss Lindqvist: The radio is fine.",
                    "Petra Holt: The auditor comes in spring.",
                    "Mira Voss: So the northern fender is replaced before the frost."),
            Skerry.meeting());

    /** As if the rules took the second and third sentence for plain settlements. */
    private final OneMatter matter = new OneMatter(talk, (kind, i) -> i == 1 || i == 2 ? settled(i) : null);

    private Finding settled(int i) {
        Sentence s = talk.sentences().get(i);
        return Finding.told(Kind.DECISION, s, new Judgement(), List.of(talk.evidence(s)))
                .asCertainAs(0.9);
    }

    @Test
    void what_is_proposed_and_agreed_close_by_is_one() {
        assertThat(matter.joins(Kind.DECISION, 1, List.of(0))).isTrue();
    }

    @Test
    void what_is_said_again_far_off_is_one_and_anything_else_there_is_not() {
        assertThat(matter.joins(Kind.DECISION, 9, List.of(0))).isTrue();
        assertThat(matter.joins(Kind.DECISION, 8, List.of(0))).isFalse();
    }

    @Test
    void two_plain_settlements_side_by_side_that_share_no_word_are_two() {
        assertThat(matter.joins(Kind.DECISION, 2, List.of(0))).isTrue();
        assertThat(matter.joins(Kind.DECISION, 2, List.of(0, 1))).isFalse();
    }
}
