package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.people.Person;

class QuestionReaderTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private final QuestionReader reader = new QuestionReader(List.of(
            new Person("Mira Voss", "head of electrification", null, List.of("Mimi")),
            new Person("Tom Reyes", "electrician", null, List.of()),
            new Person("Ana Prokop", "fleet engineer", null, List.of())));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "What did we decide about the charging mast?|DECISION",
                "did we agree to sell the old ramp or not|DECISION",
                "who was against the second charger?|OBJECTION",
                "was the winter timetable contested?|OBJECTION",
                "Why did the Tern's trial slip?|REASON",
                "how come we dropped the diesel spare|REASON",
                "what does Tom still owe us|ACTION",
                "What is overdue?|ACTION",
                "What has to be done?|ACTION",
                "what still needs doing|ACTION",
                "has the coating to be done again|STATUS",
                "did the coating ever get done|STATUS",
                "what happened with the fenders|STATUS",
                "open questions about the berth|QUESTION",
                "which risks stand?|RISK",
                "how many crossings a day?|FIGURE",
                "how much is the mobile unit|FIGURE",
                "what does the mobile unit cost?|FIGURE",
                "what did the harbour pay us for the berth|FIGURE",
                "what did Tom say it would cost|SAYING",
                "who was meant to order the fenders?|ACTION",
                "when does the Tern sail again|DAY",
                "how did the price of the racks change over time|CHANGE",
                "who said the cable was too short|SPEAKER",
                "what did Ana say about the racks|SAYING",
                "who attended the steering group|ATTENDANCE",
                "who missed the safety review|ATTENDANCE",
                "who said least?|ATTENDANCE",
                "summarise the Norrvik call|MEETING",
                "all meetings of last week|MEETING",
                "which risks are still open?|RISK",
                "Was Ana at the last safety review?|ATTENDANCE",
                "were Ana and Tom at the steering group meeting|ATTENDANCE",
                "have the bollards been painted|STATUS",
                "how many decisions were taken in October|DECISION",
                "what are the pros and cons of the mast|OBJECTION",
                "fenders|ANYTHING",
            })
    void a_question_tells_by_its_form_what_it_is_after(String question, Aim aim) {
        assertThat(reader.read(question, TODAY).aim()).isEqualTo(aim);
    }

    @ParameterizedTest
    @CsvSource({
        "How many actions are overdue?,COUNT",
        "how many meetings did we have in March,COUNT",
        "how many risks are there,COUNT",
        "how many deckhands are trained,SENTENCE",
        "what are the pros and cons of the mast,TABLE",
        "was Ana at the last steering meeting,YES_NO",
        "list the decisions of March,LIST",
    })
    void it_tells_the_form_its_answer_takes(String question, Form form) {
        assertThat(reader.read(question, TODAY).form()).isEqualTo(form);
    }

    @Test
    void words_that_only_ask_are_not_the_subject() {
        assertThat(reader.read("Who said least in October?", TODAY).about()).isBlank();
        assertThat(reader.read("What are the pros and cons of the charging mast?", TODAY)
                        .about())
                .isEqualTo("charging mast");
        assertThat(reader.read("How many decisions were taken in October?", TODAY)
                        .about())
                .isBlank();
    }

    @Test
    void what_moves_is_told_from_a_move() {
        assertThat(reader.read("How did the price of the mast move?", TODAY).about())
                .isEqualTo("price mast");
        assertThat(reader.read("How did the cost of the move change?", TODAY).about())
                .isEqualTo("cost move");
    }

    @Test
    void the_subject_is_what_is_left_without_asking_people_and_days() {
        Wanted wanted = reader.read("What did Mimi decide about the charging mast last quarter?", TODAY);

        assertThat(wanted.about()).isEqualTo("charging mast");
        assertThat(wanted.people()).extracting(Person::name).containsExactly("Mira Voss");
        assertThat(wanted.period().from()).isEqualTo("2026-07-01");
    }

    @Test
    void a_name_with_a_forgotten_apostrophe_is_still_a_name() {
        assertThat(reader.read("what happened with Toms drawing", TODAY).people())
                .extracting(Person::name)
                .containsExactly("Tom Reyes");
    }

    @ParameterizedTest
    @CsvSource({
        "whats the price of a fender,FIGURE,price fender",
        "whos doing the rota,ACTION,rota",
        "why didnt we buy the second charger,REASON,buy second charger",
        "did the ramp open in the end,STATUS,ramp",
        "what toll do lorries have to pay,FIGURE,toll lorries pay",
        "Mira promised a rota. did we get it?,STATUS,rota",
        "who is our insurer?,SPEAKER,insurer",
        "which insurer are we with and since when,DECISION,insurer",
    })
    void an_apostrophe_may_be_forgotten_and_words_that_ask_are_no_subject(String question, Aim aim, String about) {
        Wanted wanted = reader.read(question, TODAY);

        assertThat(wanted.aim()).isEqualTo(aim);
        assertThat(wanted.about()).isEqualTo(about);
    }

    @ParameterizedTest
    @CsvSource({
        "who was agianst the second charger,OBJECTION",
        "what is overdeu,ACTION",
        "was the charger contetsed,OBJECTION",
        "the desicion about the charger,DECISION"
    })
    void a_slip_of_the_fingers_in_a_word_that_asks_does_not_matter(String question, Aim aim) {
        assertThat(reader.read(question, TODAY).aim()).isEqualTo(aim);
    }

    @Test
    void a_list_is_wanted_where_one_is_asked_for_and_not_where_one_is_the_subject() {
        assertThat(reader.read("Who owes what? list please", TODAY).form()).isEqualTo(Form.LIST);
        Wanted subject = reader.read("did Ana ever finish the packing list for the yard", TODAY);
        assertThat(subject.form()).isEqualTo(Form.YES_NO);
        assertThat(subject.about()).contains("packing list");
    }

    @Test
    void what_is_open_overdue_or_changed_is_told_apart() {
        assertThat(reader.read("what does Tom still owe us", TODAY).onlyOpen()).isTrue();
        assertThat(reader.read("what is overdue", TODAY).onlyOverdue()).isTrue();
        assertThat(reader.read("which decisions did we overturn", TODAY).onlyChanged())
                .isTrue();
        assertThat(reader.read("which decisions did we take", TODAY).onlyChanged())
                .isFalse();
    }
}
