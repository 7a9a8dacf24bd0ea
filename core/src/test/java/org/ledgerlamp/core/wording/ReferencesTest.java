package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.people.Person;

class ReferencesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I need the crane on Monday|Mira Voss needs the crane on Monday",
                "I'm at the yard and I have the keys|Mira Voss is at the yard and they have the keys",
                "I went through the permits|Mira Voss went through the permits",
                "I don't trust the fender|Mira Voss does not trust the fender",
                "I'd said the tenth|Mira Voss had said the tenth",
                "I'd four hundred last year|Mira Voss had four hundred last year",
                "I'd say the tenth|Mira Voss would say the tenth",
                "the yard sent me the drawings|the yard sent Mira Voss the drawings",
                "my list is long|Mira Voss's list is long",
            })
    void i_is_the_one_who_speaks_and_the_verb_agrees(String said, String written) {
        assertThat(References.filled(said, Scenes.mira(), null)).contains(written);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "we lost two sailings on Monday|the team lost two sailings on Monday",
                "we're short of fenders and we need ten|the team are short of fenders and they need ten",
                "the yard owes us a rebate|the yard owes the team a rebate",
                "our permit has lapsed|the team's permit has lapsed",
            })
    void we_is_the_team(String said, String written) {
        assertThat(References.filled(said, Scenes.mira(), null)).contains(written);
    }

    @Test
    void whose_we_is_meant_is_not_guessed_where_people_of_two_houses_meet() {
        Person guest = new Person("Ola Brand", "supplier", "ola@yard.example", List.of());
        Company mixed = new Company(new org.ledgerlamp.core.reading.MeetingFacts(
                "Supplier call",
                Skerry.TUESDAY,
                null,
                Skerry.meeting().timezone(),
                30,
                "supplier call",
                null,
                null,
                List.of(Skerry.MIRA, guest),
                List.of("Mira Voss", "Ola Brand"),
                List.of(),
                null));
        Scene scene = new Scene(guest, null, "", List.of(), false, mixed);

        assertThat(References.filled("we can deliver on the fifth", scene, null))
                .isEmpty();
    }

    @Test
    void somebody_who_leads_the_line_is_not_named_again() {
        assertThat(References.filled("ring the yard when I get home", Scenes.mira(), Skerry.MIRA))
                .contains("ring the yard when they get home");
    }

    @Test
    void you_is_whoever_is_spoken_to_and_nobody_where_that_is_unknown() {
        assertThat(References.filled("send you the drawings", Scenes.miraToTom(), Skerry.MIRA))
                .contains("send Tom Reyes the drawings");
        assertThat(References.filled("you can't weld in the rain", Scenes.mira(), null))
                .isEmpty();
    }

    @Test
    void he_or_she_is_the_one_named_last_who_is_not_speaking() {
        assertThat(References.filled("ring her tomorrow", Scenes.mira("Ana has the drawings."), Skerry.MIRA))
                .contains("ring Ana Prokop tomorrow");
        assertThat(References.filled("ring her tomorrow", Scenes.mira("Ana and Petra have them."), Skerry.MIRA))
                .isEmpty();
        assertThat(References.filled("tell Ana that she can start", Scenes.mira(), Skerry.MIRA))
                .contains("tell Ana that she can start");
    }

    @Test
    void it_is_the_thing_named_just_before() {
        assertThat(References.filled(
                        "sign it tonight", Scenes.mira("The transfer form is still on your desk."), Skerry.MIRA))
                .contains("sign the transfer form tonight");
        assertThat(References.filled("order them today", Scenes.mira("We still need the wear plates."), Skerry.MIRA))
                .contains("order the wear plates today");
    }

    @Test
    void it_is_not_where_the_thing_goes() {
        assertThat(References.filled(
                        "drive it over on Monday",
                        Scenes.mira(
                                "The foundry in Brae takes rudders, the foundry is cheap.",
                                "The rudder came off on Tuesday.",
                                "Good, the rudder goes to the foundry then."),
                        Skerry.MIRA))
                .contains("drive the rudder over on Monday");
    }

    @Test
    void where_several_things_may_be_meant_the_clause_is_given_up() {
        assertThat(References.filled(
                        "sign it tonight", Scenes.mira("The form and the permit are on your desk."), Skerry.MIRA))
                .isEmpty();
        assertThat(References.filled("sign it tonight", Scenes.mira(), Skerry.MIRA))
                .isEmpty();
    }

    @Test
    void what_a_sentence_goes_on_about_is_what_the_one_before_spoke_of() {
        assertThat(References.filled(
                        "it lapses on Friday", Scenes.miraGoesOn("The berth permit is with the harbour office."), null))
                .contains("the berth permit lapses on Friday");
        assertThat(References.filled(
                        "it lapses on Friday", Scenes.mira("The berth permit is with the harbour office."), null))
                .isEmpty();
    }

    @Test
    void what_the_clause_names_itself_is_not_named_again() {
        assertThat(References.filled("take the panel out and clean it", Scenes.mira(), Skerry.MIRA))
                .contains("take the panel out and clean it");
        assertThat(References.filled("the yard that built the hull is shut", Scenes.mira(), null))
                .contains("the yard that built the hull is shut");
    }
}
