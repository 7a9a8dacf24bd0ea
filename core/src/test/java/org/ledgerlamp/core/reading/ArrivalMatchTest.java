package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.ArrivalMatch.Arrival;
import org.ledgerlamp.core.reading.ArrivalMatch.Guess;

class ArrivalMatchTest {
    private static final MeetingFacts WEEKLY = meeting("Charging berth weekly", "09:30", "Mira Voss", "Tom Reyes");
    private static final MeetingFacts STEERING = meeting("Steering group", "14:00", "Mira Voss", "Petra Holt");

    private static MeetingFacts meeting(String title, String start, String... invited) {
        List<Person> roster = List.of(invited).stream()
                .map(n -> new Person(n, null, null, List.of()))
                .toList();
        return new MeetingFacts(
                title,
                LocalDate.of(2026, 3, 3),
                start == null ? null : LocalTime.parse(start),
                ZoneId.of("Europe/Oslo"),
                45,
                null,
                null,
                null,
                roster,
                List.of(invited),
                List.of(),
                null);
    }

    /** @param local time of 3 March in Oslo, one hour ahead of UTC */
    private static Arrival arrival(String title, String local, String... people) {
        return new Arrival(title, Instant.parse("2026-03-03T" + local + ":00Z").minusSeconds(3600), List.of(people));
    }

    private static List<Guess> guesses(Arrival arrival, MeetingFacts... meetings) {
        return ArrivalMatch.guesses(arrival, List.of(meetings));
    }

    @ParameterizedTest
    @CsvSource({
        "Charging berth weekly, 09:31, true",
        "charging berth weekly (2026-03-03), 09:20, true",
        "Weekly: charging berth, 09:58, true",
        "Charging berth weekly, 10:25, true",
        "Charging berth weekly, 12:00, false",
        "Crane inspection, 09:30, false",
    })
    void a_meeting_is_sure_where_hour_and_title_agree(String title, String local, boolean sure) {
        List<Guess> found = guesses(arrival(title, local, "Mira Voss", "Tom Reyes"), STEERING, WEEKLY);

        assertThat(found.getFirst().index()).isEqualTo(1);
        assertThat(found.getFirst().sure()).isEqualTo(sure);
    }

    @Test
    void without_a_title_the_people_decide() {
        assertThat(guesses(arrival(null, "09:32", "Tom Reyes", "Mira Voss"), WEEKLY)
                        .getFirst()
                        .sure())
                .isTrue();
        assertThat(guesses(arrival(null, "09:32", "Elin Strand"), WEEKLY)
                        .getFirst()
                        .sure())
                .isFalse();
    }

    @Test
    void of_two_at_the_same_hour_the_title_decides_and_without_one_none_is_sure() {
        MeetingFacts yard = meeting("Yard call", "09:30", "Mira Voss", "Tom Reyes");

        assertThat(guesses(arrival("Yard call", "09:30"), WEEKLY, yard).getFirst())
                .matches(g -> g.index() == 1 && g.sure());
        assertThat(guesses(arrival(null, "09:30", "Mira Voss", "Tom Reyes"), WEEKLY, yard))
                .hasSize(2)
                .noneMatch(Guess::sure);
    }

    @Test
    void of_two_of_one_title_the_hour_decides() {
        MeetingFacts second = meeting("Charging berth weekly", "13:00", "Mira Voss", "Tom Reyes");

        assertThat(guesses(arrival("Charging berth weekly", "13:02"), WEEKLY, second)
                        .getFirst())
                .matches(g -> g.index() == 1 && g.sure());
    }

    @Test
    void another_day_does_not_come_into_question() {
        Arrival nextDay =
                new Arrival("Charging berth weekly", Instant.parse("2026-03-04T08:30:00Z"), List.of("Mira Voss"));

        assertThat(guesses(nextDay, WEEKLY)).isEmpty();
        assertThat(guesses(arrival("Charging berth weekly", "09:30"))).isEmpty();
    }

    @Test
    void the_hour_is_that_of_the_meetings_own_zone_also_past_midnight() {
        MeetingFacts late = meeting("Night run", "23:55", "Mira Voss");
        Arrival after = new Arrival("Night run", Instant.parse("2026-03-03T23:02:00Z"), List.of());

        assertThat(guesses(after, late).getFirst().sure()).isTrue();
    }

    @Test
    void a_meeting_of_that_day_without_an_hour_can_be_meant() {
        MeetingFacts open = meeting("Crew talk", null, "Mira Voss");

        assertThat(guesses(arrival("Crew talk", "17:00", "Mira Voss"), open)
                        .getFirst()
                        .sure())
                .isTrue();
    }

    @Test
    void of_several_that_are_as_likely_the_one_nearest_in_time_comes_first() {
        MeetingFacts sooner = meeting("Paint order", "16:58");
        MeetingFacts farther = meeting("Bollards", "16:51");

        assertThat(guesses(arrival("Walk round the yard", "17:00"), farther, sooner))
                .extracting(Guess::index)
                .containsExactly(1, 0);
    }
}
