package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;

class DeedTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I'll order the roller|order the roller",
                "I'm at the yard on Monday, I'll get the keys|get the keys",
                "I'd better ring the pilot|ring the pilot",
                "I will need to tell people|tell people"
            })
    void of_a_promise_it_is_what_follows_the_promise(String said, String deed) {
        assertThat(Deed.in(said, Skerry.TOM, true)).isEqualTo(deed);
    }

    @Test
    void a_surname_is_no_deed() {
        assertThat(Deed.in("Tom Reyes.", Skerry.TOM, false)).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "let's get Tom to push it at the panel|push it at the panel",
                "could Tom ring the pilot|ring the pilot",
                "Tom needs to switch that off|switch that off",
                "Tom Reyes will order two|order two",
                "Tom gets the crane on Monday|get the crane on Monday",
                "TR to order two|order two",
                "Tom will have to write to the yard|write to the yard",
                "can you ring the pilot|ring the pilot",
                "Book the crane for Monday|Book the crane for Monday"
            })
    void of_another_it_is_what_the_named_one_is_to_do(String said, String deed) {
        assertThat(Deed.in(said, Skerry.TOM, false)).isEqualTo(deed);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I'll do it tonight|can you draw the support sheet|true",
                "I'll ring her|ask the bus company|true",
                "I'll send it|send me the list of the icons|true",
                "I'll paint the rail|send me the list of the icons|false",
                "I'll do it tonight|the yard is shut on Sundays|false",
            })
    void a_promise_answers_a_request_for_the_same_or_for_anything(String promise, String request, boolean answers) {
        assertThat(Deed.answers(promise, request, Skerry.TOM)).isEqualTo(answers);
    }

    @Test
    void where_no_verb_is_found_there_is_none() {
        assertThat(Deed.in("the fender, by Friday", Skerry.TOM, true)).isNull();
        assertThat(Deed.in("I would for the moment", Skerry.TOM, true)).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "put the order in today, then, they shut at four|put the order in today",
                "email her about it, I'll do it tonight|email her about it",
                "ring him, it's fine|ring him",
                "check the fender and the roller, please|check the fender and the roller"
            })
    void what_somebody_adds_is_no_part_of_it(String deed, String alone) {
        assertThat(Deed.alone(deed)).isEqualTo(alone);
    }
}
