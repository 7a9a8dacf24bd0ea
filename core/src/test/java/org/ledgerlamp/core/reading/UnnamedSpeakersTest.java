package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.source.Source;

/** Who is there and who does what, where a transcript names no speakers or there are notes alone. */
class UnnamedSpeakersTest {
    private static Source unheard(String... lines) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < lines.length; i++) {
            text.append("[0:%02d] %s%n".formatted(10 + i, lines[i]));
        }
        return Skerry.read(text.toString());
    }

    @Nested
    class Actions {
        @ParameterizedTest(name = "{0}")
        @CsvSource({
            "right then tom get the tower plated over tonight yeah it will be plated, Tom Reyes",
            "so tom can you get the roller in by friday yeah will do, Tom Reyes",
            "is there any cable left at all annie yeah ill bring two lengths round tomorrow, Ana Prokop",
            "can we open the panel up annie yeah ill have somebody open it tomorrow morning, Ana Prokop",
            "annie could you send me the new quote today yes ill do it tonight, Ana Prokop"
        })
        void belong_to_the_one_called_before_they_are_taken_on(String words, String owner) {
            Draft draft = Skerry.draft(
                    unheard(
                            "morning all right lets start with the tower it passed its test on monday",
                            "good that is good to hear and the quay is dry again",
                            words,
                            "right and then the winter timetable that is with the council now",
                            "yeah they meet in the spring so there is nothing to do there"),
                    null,
                    Skerry.meeting());

            assertThat(all(draft))
                    .filteredOn(line -> line.kind() == Kind.ACTION)
                    .extracting(Line::owner)
                    .contains(owner);
        }

        @Test
        void stay_open_where_a_name_is_only_talked_about() {
            Draft draft = Skerry.draft(
                    unheard(
                            "morning all right lets start with the tower it passed its test on monday",
                            "i talked to tom and he told annie so ill ring the yard about the roller tomorrow",
                            "good and then the winter timetable that is with the council now"),
                    null,
                    Skerry.meeting());

            assertThat(all(draft))
                    .filteredOn(line -> line.kind() == Kind.ACTION)
                    .isNotEmpty()
                    .allMatch(line -> line.owner() == null);
        }
    }

    @Nested
    class Attendance {
        @Test
        void who_is_greeted_is_there_and_who_is_said_not_to_come_is_not() {
            assertThat(present(unheard(
                            "morning mira morning annie is joss not coming no joss is at the hall so its just us",
                            "right the tower then it passed its test on monday")))
                    .contains("Mira Voss", "Ana Prokop")
                    .doesNotContain("Joss Lindqvist", "Petra Holt");
        }

        @Test
        void who_is_spoken_to_by_name_or_says_who_it_is_is_there_and_of_others_nothing_is_known() {
            Source talk = unheard(
                    "Morning, Mira. Is everybody on the line?",
                    "Tom here. The tower passed its test on Monday, and Petra wrote that she is glad.",
                    "Good. Joss is off sick, he sends his apologies.",
                    "Then let's start with the tower.");

            assertThat(Skerry.draft(talk, null, Skerry.meeting()).reading().attendance())
                    .extracting(Presence::name, Presence::attended)
                    .containsExactlyInAnyOrder(
                            tuple("Mira Voss", Attended.PRESENT),
                            tuple("Tom Reyes", Attended.PRESENT),
                            tuple("Joss Lindqvist", Attended.ABSENT),
                            tuple("Ana Prokop", Attended.UNKNOWN));
        }

        @Test
        void notes_tell_who_came_late_and_who_took_them() {
            Source notes = Skerry.notes(
                    "Berth weekly, tues 3 march",
                    "here: Mira, me. apols Tom (flight). Petra came in about 10",
                    "min taker me again (Joss Lindqvist)",
                    "- tower passed its test",
                    "Annie arrives. roller is in");

            assertThat(present(notes))
                    .containsExactlyInAnyOrder("Mira Voss", "Joss Lindqvist", "Petra Holt", "Ana Prokop");
        }

        @Test
        void a_list_needs_no_colon() {
            assertThat(present(Skerry.notes("here Mira Tom Petra. apols Joss", "- tower passed its test")))
                    .containsExactlyInAnyOrder("Mira Voss", "Tom Reyes", "Petra Holt");
        }
    }

    @Test
    void in_notes_the_day_behind_the_owners_name_counts() {
        Draft draft = Skerry.draft(
                Skerry.notes("hall is free sat 14 March for the fair - yes please, TR reply by Friday"),
                null,
                Skerry.meeting());

        assertThat(draft.lines()).extracting(Line::due).containsExactly(LocalDate.of(2026, 3, 6));
    }

    private static List<String> present(Source source) {
        return Skerry.draft(source, null, Skerry.meeting()).reading().attendance().stream()
                .filter(Presence::present)
                .map(Presence::name)
                .toList();
    }

    private static List<Line> all(Draft draft) {
        return Stream.concat(draft.lines().stream(), draft.possible().stream()).toList();
    }
}
