package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.core.people.Person;

class TwoInOneTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private final TwoInOne two =
            TwoInOne.of("When did the berth close, and who closed it?").orElseThrow();

    private static Answer answer(boolean answered, String... texts) {
        Wanted wanted = new QuestionReader(List.of(new Person("Tom Reyes", null, null, List.of())))
                .read("what about the berth?", TODAY);
        List<Statement> statements = List.of(texts).stream()
                .map(t -> new Statement(TODAY, "", t, false, List.of(new Citation("03", null, 1, t))))
                .toList();
        return new Answer(TODAY, wanted, answered, statements);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "When did the berth close, and who closed it? | When did the berth close | who closed it?",
                "what did the mast cost and is it paid? | what did the mast cost | is it paid?",
                "Why was the sailing cancelled? Did anybody object? | Why was the sailing cancelled | Did anybody object?",
                "how many racks have we got, and if so, when do they come | how many racks have we got | if so, when do they come",
            })
    void two_questions_in_one_breath_are_told_apart(String question, String first, String second) {
        assertThat(TwoInOne.of(question)).contains(new TwoInOne(first, second));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "What did Tom and Ana say about the ramp?",
                "The waiting room roof, is it done?",
                "Who decides about the mast, and since when?",
                "Which boats are out of service, and to what date?",
                "drying dock - in or out?",
                "and who objected?",
                "",
            })
    void what_asks_for_one_thing_is_one(String question) {
        assertThat(TwoInOne.of(question)).isEmpty();
    }

    @Test
    void both_answers_are_told_and_what_both_say_is_told_once() {
        Answer both =
                two.together(answer(true, "It closes in May.", "Fine."), answer(true, "in May", "Tom closed it."));

        assertThat(both.statements())
                .extracting(Statement::text)
                .containsExactly("It closes in May.", "Fine.", "Tom closed it.");
        assertThat(both.notSaid()).isNull();
    }

    @Test
    void the_one_that_the_ledger_does_not_say_is_named() {
        Answer first = two.together(answer(true, "It closes in May."), answer(false, "near"));
        Answer second = two.together(answer(false, "near"), answer(true, "Tom closed it."));

        assertThat(first.text()).endsWith("It closes in May. The ledger does not say: who closed it?");
        assertThat(second.notSaid()).isEqualTo("When did the berth close");
        assertThat(second.statements()).extracting(Statement::text).containsExactly("Tom closed it.");
    }

    @Test
    void where_it_says_neither_what_comes_near_the_first_is_shown() {
        Answer neither = two.together(answer(false, "near"), answer(false, "far"));

        assertThat(neither.answered()).isFalse();
        assertThat(neither.statements()).extracting(Statement::text).containsExactly("near");
    }
}
