package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FramesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "let's keep the late boat|keep the late boat",
                "I'd suggest we order two|order two",
                "what I'd propose is the later boat|the later boat",
                "my feeling is that the yard is right|the yard is right",
                "agreed, the second supplier|the second supplier",
                "we agree the fender is replaced|the fender is replaced",
                "we keep the fare as it is|keep the fare as it is",
                "we won't hire a spare pump|Do not hire a spare pump",
                "we're not hiring a spare pump|No hiring a spare pump",
                "we acknowledge each call at once|acknowledge each call at once",
                "can I suggest you leave the map in|leave the map in",
                "I'd sell the old ramp for scrap|sell the old ramp for scrap",
                "we know the fare stays|we know the fare stays",
                "I'd like a second ramp|I'd like a second ramp",
                "The fare stays|The fare stays",
            })
    void the_outcome_is_told_without_the_frame(String said, String outcome) {
        assertThat(Frames.outcome(said)).isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "does anyone know who has the keys|who has the keys",
                "I don't know whether the permit covers it|whether the permit covers it",
                "who has the keys|who has the keys",
            })
    void a_question_is_told_without_asking_who_knows(String said, String question) {
        assertThat(Frames.question(said)).isEqualTo(question);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "One worry: the spare contactor is late|the spare contactor is late",
                "Just one more small concern - the spare contactor is late|the spare contactor is late",
                "The danger is that the spare contactor fails|the spare contactor fails",
                "The spare contactor is late|The spare contactor is late",
            })
    void a_label_of_what_follows_is_left_to_the_section(String said, String statement) {
        assertThat(Frames.statement(said)).isEqualTo(statement);
    }
}
