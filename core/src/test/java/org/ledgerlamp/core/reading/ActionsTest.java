package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.people.Person;

class ActionsTest {
    private static List<Line> actions(String... talk) {
        return Skerry.lines(Kind.ACTION, talk);
    }

    @Test
    void a_promise_in_the_first_person_is_the_speakers() {
        Line action = actions("Mira Voss: What about the roller?", "Tom Reyes: I'll order the roller by Friday.")
                .getFirst();

        assertThat(action.text()).isEqualTo("Tom Reyes to order the roller by Friday.");
        assertThat(action.owner()).isEqualTo("Tom Reyes");
        assertThat(action.due()).isEqualTo(LocalDate.of(2026, 3, 6));
        assertThat(action.dueWords()).isEqualTo("by Friday");
        assertThat(action.reasons()).contains("promise in first person", "date said");
    }

    @Test
    void a_request_is_the_answerers_once_accepted() {
        Line action = actions(
                        "Mira Voss: Tom, can you ring the hire firm about the socket?", "Tom Reyes: Sure, will do.")
                .getFirst();

        assertThat(action.owner()).isEqualTo("Tom Reyes");
        assertThat(action.text()).startsWith("Tom Reyes to ring the hire firm about the socket");
        assertThat(action.due()).isNull();
        assertThat(action.reasons()).contains("request", "accepted");
    }

    @Test
    void a_refused_request_is_none() {
        assertThat(actions(
                        "Mira Voss: Tom, can you draft the rota?",
                        "Tom Reyes: No, I can't, I'm at the makers all week."))
                .isEmpty();
    }

    @Test
    void work_can_be_given_to_somebody_who_is_not_there() {
        Line action = actions("Mira Voss: Petra will sign the order by the end of the week.", "Ana Prokop: Good.")
                .getFirst();

        assertThat(action.owner()).isEqualTo("Petra Holt");
        assertThat(action.due()).isEqualTo(LocalDate.of(2026, 3, 6));
    }

    @Test
    void what_somebody_should_do_and_nobody_takes_has_no_owner() {
        Line action = actions("Mira Voss: Somebody should check the insurance of the mobile unit.", "Ana Prokop: True.")
                .getFirst();

        assertThat(action.owner()).isNull();
        assertThat(action.text()).isEqualTo("Check the insurance of the mobile unit.");
    }

    @Test
    void what_somebody_takes_up_is_theirs() {
        Line action = actions(
                        "Mira Voss: Somebody should check the insurance of the mobile unit.",
                        "Ana Prokop: I'll check it tomorrow.")
                .getFirst();

        assertThat(action.owner()).isEqualTo("Ana Prokop");
        assertThat(action.due()).isEqualTo(LocalDate.of(2026, 3, 4));
    }

    @Test
    void leave_it_with_me_takes_its_words_from_what_was_talked_about() {
        Line action = actions(
                        "Mira Voss: We still have no banner for the harbour festival stand.",
                        "Joss Lindqvist: Leave it with me.",
                        "Mira Voss: Thanks.")
                .getFirst();

        assertThat(action.owner()).isEqualTo("Joss Lindqvist");
        assertThat(action.text()).contains("banner");
        assertThat(action.evidence()).hasSizeGreaterThan(1);
    }

    @Test
    void a_promise_that_names_nothing_is_quoted_under_what_was_asked_for() {
        Line action = actions(
                        "Mira Voss: Does anybody know what the grant letter said about the third boat?",
                        "Ana Prokop: Not me.",
                        "Mira Voss: I'll find out this afternoon.")
                .getFirst();

        assertThat(action.text())
                .endsWith("Mira Voss: “I'll find out this afternoon.”")
                .matches("(?:Third boat|Grant letter)\\. .*");
    }

    @Test
    void what_the_other_promised_is_not_what_somebody_takes_on() {
        assertThat(Skerry.lines(
                        Kind.ACTION,
                        "Tom Reyes: It has the old store on it. I'll pay the bill when I see the new drawing and not before.",
                        "Ana Prokop: That's fair enough. I'll get it reissued."))
                .filteredOn(line -> "Ana Prokop".equals(line.owner()))
                .isNotEmpty()
                .noneMatch(line -> line.text().contains("pay the bill"));
    }

    @Test
    void whoever_asked_is_the_one_something_is_sent_to() {
        Line action = actions(
                        "Mira Voss: Who can measure the play in the stern tube?",
                        "Ana Prokop: I'll measure the stern tube and call you tomorrow.")
                .getFirst();

        assertThat(action.text()).isEqualTo("Ana Prokop to measure the stern tube and call Mira Voss tomorrow.");
    }

    @Test
    void any_verb_will_do_for_a_promise_with_a_date_and_for_what_somebody_ought_to_do() {
        assertThat(actions("Mira Voss: And line ten?", "Joss Lindqvist: I'll wrap line ten on Saturday."))
                .singleElement()
                .satisfies(a -> assertThat(a.due()).isEqualTo(LocalDate.of(2026, 3, 7)));
        assertThat(actions("Mira Voss: Somebody really ought to defrost the crew's freezer.", "Ana Prokop: True."))
                .singleElement()
                .satisfies(a -> assertThat(a.owner()).isNull());
        assertThat(Skerry.draft("Mira Voss: How are you?", "Joss Lindqvist: I'll survive until Friday.")
                        .lines())
                .noneMatch(l -> l.kind() == Kind.ACTION);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Tom Reyes: I ordered the roller yesterday.",
                "Tom Reyes: I always check the fenders on Mondays.",
                "Tom Reyes: I would have called the yard.",
                "Tom Reyes: I can't ring the hire firm.",
                "Tom Reyes: Last week I was going to call the council.",
            })
    void done_habitual_declined_and_past_things_are_none(String said) {
        assertThat(actions("Mira Voss: How is it going?", said, "Mira Voss: I see."))
                .isEmpty();
    }

    @Test
    void a_recap_repeats_and_corrects_but_adds_no_second_action() {
        List<Line> actions = actions(
                "Tom Reyes: I'll order the roller for the Skarness fender by Friday.",
                "Mira Voss: Good.",
                "Ana Prokop: The hull of the Gannet looks fine.",
                "Joss Lindqvist: The crew is happy.",
                "Ana Prokop: The weather was bad on four days.",
                "Mira Voss: To recap, Tom will order the roller for the Skarness fender by Thursday.");

        assertThat(actions)
                .filteredOn(a -> a.text().contains("roller"))
                .singleElement()
                .satisfies(a -> {
                    assertThat(a.due()).isEqualTo(LocalDate.of(2026, 3, 5));
                    assertThat(a.evidence()).hasSize(2);
                });
    }

    @Test
    void of_two_toms_the_invited_one_is_the_owner() {
        Person tomQuist = new Person("Tom Quist", "painter", null, List.of());
        List<Line> actions = Skerry.lines(
                Skerry.draft(
                        Skerry.talk("Mira Voss: Tom will order the paint by Friday.", "Ana Prokop: Good."),
                        null,
                        Skerry.meetingOf(List.of(Skerry.MIRA, Skerry.ANA, Skerry.TOM, tomQuist))),
                Kind.ACTION);

        assertThat(actions).singleElement().extracting(Line::owner).isEqualTo("Tom Reyes");
    }
}
