package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.people.Person;

class FollowUpTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Person TOM = new Person("Tom Reyes", "electrician", null, List.of());
    private static final Person ANA = new Person("Ana Prokop", "fleet engineer", null, List.of());
    private final QuestionReader reader = new QuestionReader(List.of(TOM, ANA));

    private Wanted after(String before, String question) {
        return FollowUp.completed(question, reader.read(question, TODAY), reader.read(before, TODAY));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "and who objected? | OBJECTION | charging mast",
                "why? | REASON | charging mast",
                "what is overdue? | ACTION | ''",
                "but why did we do that? | REASON | charging mast",
                "when is it due? | DAY | charging mast due",
                "and the price? | DECISION | charging mast price",
                "how much does it cost? | FIGURE | charging mast cost",
                "what about the ramp? | DECISION | ramp",
                "who attended the safety review? | ATTENDANCE | safety review",
            })
    void what_a_question_leaves_out_is_taken_from_the_one_before(String question, Aim aim, String about) {
        Wanted wanted = after("What did we decide about the charging mast?", question);

        assertThat(wanted.aim()).isEqualTo(aim);
        assertThat(wanted.about()).isEqualTo(about);
    }

    @Test
    void a_period_and_the_meetings_stay_until_others_are_named() {
        String before = "What did we decide about the mast in the steering meeting in March?";

        assertThat(after(before, "and the ramp?").period().from()).isEqualTo("2026-03-01");
        assertThat(after(before, "and the ramp?").meetings()).isEqualTo("steering");
        assertThat(after(before, "and in April?").period().from()).isEqualTo("2026-04-01");
        assertThat(after(before, "and in April?").about()).startsWith("mast");
    }

    @Test
    void somebody_else_takes_the_place_of_who_was_named() {
        Wanted wanted = after("What does Tom still owe us?", "and Ana?");

        assertThat(wanted.people()).containsExactly(ANA);
        assertThat(wanted.aim()).isEqualTo(Aim.ACTION);
        assertThat(wanted.onlyOpen()).isTrue();
    }

    @Test
    void a_pronoun_means_who_was_named() {
        assertThat(after("What did Tom say about the cable?", "what else did he promise?")
                        .people())
                .containsExactly(TOM);
    }

    @Test
    void a_question_that_stands_for_itself_takes_nothing() {
        Wanted alone = reader.read("Which risks stand for the ramp?", TODAY);

        assertThat(after("What does Tom still owe us in March?", "Which risks stand for the ramp?"))
                .isEqualTo(alone);
    }
}
