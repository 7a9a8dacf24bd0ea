package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;

/** What was settled is taken back where the meeting says so later. */
class ReversalsTest {
    private static final double SETTLES = 0.8;

    /** Whether the first of {@code lines} is taken back; each of them is a sentence that settles something as likely as told. */
    private static boolean takenBack(double[] probabilities, String... lines) {
        Talk talk = new Talk(Skerry.talk(lines), Skerry.meeting());
        assertThat(talk.sentences()).hasSameSizeAs(probabilities);
        return new Reversals(talk, probabilities).takeBack(0);
    }

    @Test
    void by_name() {
        assertThat(takenBack(
                        new double[] {SETTLES, 0, SETTLES},
                        "Mira Voss: We open the shed on Sunday from six.",
                        "Tom Reyes: Nobody will come.",
                        "Mira Voss: Right, scrap the Sunday and keep the shed shut."))
                .isTrue();
        assertThat(takenBack(
                        new double[] {SETTLES, 0, SETTLES},
                        "Mira Voss: Cap the list at thirty-six.",
                        "Tom Reyes: The hall is empty on Thursdays.",
                        "Mira Voss: So we don't cap it."))
                .isTrue();
    }

    @Test
    void as_what_was_said_last() {
        assertThat(takenBack(
                        new double[] {SETTLES, 0, SETTLES},
                        "Mira Voss: Weekly, then, up to the summer.",
                        "Tom Reyes: That costs us a crew.",
                        "Mira Voss: Scrap what I said, every second week."))
                .isTrue();
        assertThat(takenBack(
                        new double[] {0.5, SETTLES, SETTLES},
                        "Mira Voss: Weekly, then, up to the summer.",
                        "Tom Reyes: And the blue paint for the hull.",
                        "Mira Voss: Scrap what I said, the green paint."))
                .as("something else was settled in between")
                .isFalse();
    }

    @Test
    void and_not_by_what_denies_something_else_or_settles_nothing() {
        assertThat(takenBack(
                        new double[] {SETTLES, 0, SETTLES},
                        "Mira Voss: We open the shed on Sunday from six.",
                        "Tom Reyes: Good.",
                        "Mira Voss: And no paint on the fender."))
                .isFalse();
        assertThat(takenBack(
                        new double[] {SETTLES, 0, 0},
                        "Mira Voss: We open the shed on Sunday from six.",
                        "Tom Reyes: Good.",
                        "Ana Prokop: It was not Sunday when the crane came."))
                .isFalse();
        assertThat(takenBack(
                        new double[] {SETTLES, 0, SETTLES},
                        "Mira Voss: No diesel on the pontoon.",
                        "Tom Reyes: Good.",
                        "Mira Voss: As I said, no diesel."))
                .as("the same once more")
                .isFalse();
    }
}
