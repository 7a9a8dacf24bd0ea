package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.MeetingFacts;

class MeetingJsonTest {
    @Test
    void what_the_calendar_knows_is_read() {
        MeetingFacts facts = MeetingJson.read(
                """
                {"title":"Weekly","date":"2026-03-03","start":"09:30","timezone":"Europe/Oslo","plannedMinutes":45,"kind":"weekly status",
                 "series":"Weekly","location":"Boat hall","roster":[{"name":"Mira Voss","role":"lead","aliases":["MV"]}],
                 "invited":["Mira Voss"],"agenda":["Holm"],"nextMeeting":"2026-03-10"}
                """);

        assertThat(facts.title()).isEqualTo("Weekly");
        assertThat(facts.start()).isEqualTo(LocalTime.of(9, 30));
        assertThat(facts.roster()).extracting(Person::name).containsExactly("Mira Voss");
        assertThat(facts.nextMeeting()).isEqualTo(LocalDate.of(2026, 3, 10));
    }

    @Test
    void only_the_date_is_needed() {
        MeetingFacts facts = MeetingJson.read("{\"date\":\"2026-03-03\"}");

        assertThat(facts.title()).isEqualTo("Meeting of 2026-03-03");
        assertThat(facts.roster()).isEmpty();
        assertThat(facts.start()).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}|\"date\" is missing",
                "{\"date\":\"Tuesday\"}|\"date\" cannot be understood: Tuesday",
                "{\"date\":\"2026-03-03\",\"start\":\"half nine\"}|\"start\" cannot be understood",
                "{\"date\":\"2026-03-03\",\"timezone\":\"Mars/Base\"}|\"timezone\" cannot be understood",
                "{\"date\":|no valid JSON"
            })
    void what_cannot_be_understood_is_named(String json, String message) {
        assertThatThrownBy(() -> MeetingJson.read(json))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith(message);
    }
}
