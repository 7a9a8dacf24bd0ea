package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;

/** Whose an action is and by when, where it takes more than one turn to tell. */
class WhoAndWhenTest {
    static final Person MIRA = new Person("Mira Voss", "programme lead", null, List.of());
    static final Person TOM = new Person("Tom Reyes", "engineer", null, List.of());
    static final Person ANA = new Person("Ana Prokop", "harbour master", null, List.of());
    static final Person ROB_A = new Person("Rob Ashby", "skipper", null, List.of("Rob A"));
    static final Person ROB_K = new Person("Rob Keane", "bosun", null, List.of("Kettle"));

    private static MeetingFacts facts(List<Person> roster) {
        return new MeetingFacts(
                "Weekly",
                LocalDate.of(2026, 3, 3),
                null,
                ZoneId.of("Europe/Dublin"),
                null,
                null,
                null,
                null,
                roster,
                roster.stream().map(Person::name).toList(),
                List.of(),
                LocalDate.of(2026, 3, 10));
    }

    static Talk talk(List<Person> roster, String... lines) {
        try {
            Source source =
                    new SourceDesk(Limits.DEFAULT).read(String.join("\n", lines).getBytes(StandardCharsets.UTF_8));
            return new Talk(source, facts(roster));
        } catch (UnreadableSource e) {
            throw new AssertionError(e);
        }
    }

    static Sentence said(Talk talk, String begin) {
        return talk.sentences().stream()
                .filter(s -> s.text().startsWith(begin))
                .findFirst()
                .orElseThrow();
    }

    @Nested
    class Handed {
        private Person ownerOf(String sentence) {
            Talk talk = talk(
                    List.of(MIRA, TOM, ANA),
                    "Mira Voss: The fender is split.",
                    "Ana Prokop: Tom knows about fenders.",
                    "Mira Voss: " + sentence,
                    "Ana Prokop: Fine.");
            return Handovers.ownerIn(said(talk, sentence.substring(0, 4)), talk);
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "I'll get Tom to look at it.|Tom Reyes",
                    "I'll have Tom look at it.|Tom Reyes",
                    "I'll ask him to look at it.|Tom Reyes",
                    "Could Tom look at it by Friday?|Tom Reyes",
                    "He can look at it on Monday.|Tom Reyes",
                    "You'll have it from me by Friday.|Mira Voss",
                    "You'll have the drawings tomorrow.|Mira Voss"
                })
        void to_the_one_who_does_it(String sentence, String owner) {
            assertThat(ownerOf(sentence)).extracting(Person::name).isEqualTo(owner);
        }

        @ParameterizedTest
        @CsvSource({"I'll ask Tom about it.", "You'll have to look at it.", "I'll look at it.", "He would be pleased."})
        void and_not_where_nobody_hands_anything_on(String sentence) {
            assertThat(ownerOf(sentence)).isNull();
        }
    }

    @Nested
    class TwoOfOneName {
        @Test
        void the_one_who_is_called_by_a_name_of_their_own_is_the_one_who_speaks() {
            Talk talk = talk(
                    List.of(MIRA, ROB_A, ROB_K),
                    "Mira Voss: Rob Ashby is at sea today.",
                    "Rob: The rope is frayed.",
                    "Mira Voss: Kettle, how badly?",
                    "Rob: Badly.");

            assertThat(talk.speaker(1)).isEqualTo(ROB_K);
        }

        @Test
        void an_owner_left_open_between_them_is_said_with_both() {
            Talk talk = talk(
                    List.of(MIRA, ROB_A, ROB_K),
                    "Mira Voss: Morning.",
                    "Rob: The rope is frayed. I'll splice it.",
                    "Mira Voss: Can Rob bring the wire?");
            OpenOwner open = new OpenOwner(talk);

            assertThat(open.reason(said(talk, "I'll splice"))).contains("owner open: Rob Ashby or Rob Keane");
            assertThat(open.reason(said(talk, "Can Rob"))).contains("owner open: Rob Ashby or Rob Keane");
            assertThat(open.reason(said(talk, "Morning"))).isEmpty();
        }

        @Test
        void where_nothing_tells_nobody_is_named() {
            Talk talk = talk(
                    List.of(MIRA, ROB_A, ROB_K),
                    "Mira Voss: Morning.",
                    "Rob: The rope is frayed.",
                    "Mira Voss: Is it?");

            assertThat(talk.speaker(1)).isNull();
        }
    }

    @Nested
    class Due {
        private LocalDate dueOf(String begin, String... lines) {
            Talk talk = talk(List.of(MIRA, TOM, ANA), lines);
            Sentence carrier = said(talk, begin);
            List<Sentence> others =
                    talk.sentences().stream().filter(s -> !s.equals(carrier)).toList();
            return java.util.Optional.ofNullable(new DueDates(talk).of(carrier, others, TOM))
                    .map(d -> d.date())
                    .orElse(null);
        }

        @Test
        void a_deadline_goes_before_a_day_on_which_something_is_done() {
            assertThat(dueOf(
                            "I'll write", "Tom Reyes: I'll write it on Sunday and have it out by the twentieth.",
                            "Mira Voss: Good.", "Tom Reyes: Yes."))
                    .isEqualTo(LocalDate.of(2026, 3, 20));
        }

        @Test
        void what_is_added_about_somebody_else_has_its_own_date() {
            assertThat(dueOf(
                            "I'll do it", "Tom Reyes: I'll do it tonight, they're holding it until Friday.",
                            "Mira Voss: Good.", "Tom Reyes: Yes."))
                    .isEqualTo(LocalDate.of(2026, 3, 3));
        }

        @Test
        void a_day_put_right_in_the_same_breath_takes_the_place_of_the_first() {
            assertThat(dueOf(
                            "It has", "Tom Reyes: It has to be in before Thursday, so, Wednesday.",
                            "Mira Voss: Good.", "Tom Reyes: Yes."))
                    .isEqualTo(LocalDate.of(2026, 3, 4));
        }

        @Test
        void a_day_behind_the_promise_goes_before_one_in_its_condition() {
            assertThat(dueOf(
                            "If the", "Tom Reyes: If the yard answers this week I can do the trial on Tuesday.",
                            "Mira Voss: Good.", "Tom Reyes: Yes."))
                    .isEqualTo(LocalDate.of(2026, 3, 10));
        }

        @Test
        void of_several_people_told_in_one_breath_everybody_has_their_own_day() {
            assertThat(dueOf(
                            "Ana, the",
                            "Mira Voss: So, the list.",
                            "Mira Voss: Ana, the cable tomorrow, Tom, the berth on Friday.",
                            "Tom Reyes: The berth is nearly there anyway.",
                            "Ana Prokop: The cable is not.",
                            "Tom Reyes: It never is."))
                    .isEqualTo(LocalDate.of(2026, 3, 6));
        }

        @Test
        void when_something_is_may_be_asked_before_it_is_said() {
            assertThat(dueOf(
                            "Somebody",
                            "Tom Reyes: What else?",
                            "Mira Voss: Somebody really needs to clear that out before the audit.",
                            "Tom Reyes: Mm.",
                            "Ana Prokop: When is the audit?",
                            "Mira Voss: The twenty-first of May."))
                    .isEqualTo(LocalDate.of(2026, 5, 21));
        }

        @Test
        void that_one_is_the_meeting_named_last() {
            assertThat(dueOf(
                            "I'll bring", "Mira Voss: We hold it until the next meeting.",
                            "Tom Reyes: I'll bring the samples to that one.", "Mira Voss: Do."))
                    .isEqualTo(LocalDate.of(2026, 3, 10));
        }

        @Test
        void then_is_the_day_named_last() {
            assertThat(dueOf(
                            "So I'll", "Mira Voss: The rate is good until the thirtieth.",
                            "Tom Reyes: So I'll book it before then.", "Mira Voss: Do."))
                    .isEqualTo(LocalDate.of(2026, 3, 30));
        }

        @Test
        void an_answer_of_a_day_alone_counts_and_another_promise_does_not() {
            assertThat(dueOf(
                            "I'll order",
                            "Tom Reyes: I'll order the roller.",
                            "Mira Voss: By Friday?",
                            "Tom Reyes: Yes."))
                    .isEqualTo(LocalDate.of(2026, 3, 6));
            assertThat(dueOf(
                            "I'll order", "Mira Voss: I'll ring the pilot tomorrow about tides.",
                            "Tom Reyes: I'll order the roller.", "Mira Voss: Good."))
                    .isNull();
        }
    }

    @Test
    void apostrophes_that_a_transcription_leaves_out_are_given_back_only_where_it_has_none() {
        String words = "ill ring the yard tomorrow and they said its fine so dont worry about the mast ";
        Talk bare = talk(List.of(MIRA), "[0:01] " + words.repeat(8), "[0:20] " + words.repeat(8));
        Talk written = talk(List.of(MIRA), "Mira Voss: That's ill luck.", "Tom: Yes.", "Mira Voss: It is.");

        assertThat(bare.sentences()).extracting(Sentence::plain).anyMatch(p -> p.startsWith("i'll ring"));
        assertThat(bare.sentences().stream().map(Sentence::plain).reduce("", String::concat))
                .contains("it's fine", "don't worry");
        assertThat(written.sentences().getFirst().plain()).contains("ill luck");
    }

    @Nested
    class Strangers {
        @Test
        void who_speaks_and_is_on_no_roster_is_known_by_that_name() {
            Talk talk = talk(
                    List.of(MIRA, TOM),
                    "Inga Storm: Hello, this is Inga.",
                    "Mira Voss: Inga, could you send the quote?",
                    "Inga Storm: I'll send it tomorrow.");

            assertThat(talk.speaker(2)).extracting(Person::name).isEqualTo("Inga Storm");
            assertThat(said(talk, "Inga, could").mentions())
                    .extracting(m -> m.person().name())
                    .containsExactly("Inga Storm");
        }

        @Test
        void a_role_that_one_person_holds_is_that_person() {
            Talk talk = talk(
                    List.of(MIRA, TOM),
                    "Programme lead: Is the harbour master told?",
                    "Engineer: The engineer will tell them, that's me.",
                    "Programme lead: Good.");

            assertThat(talk.speaker(0)).isEqualTo(MIRA);
            assertThat(talk.speaker(1)).isEqualTo(TOM);
            assertThat(said(talk, "The engineer").mentions())
                    .extracting(m -> m.person())
                    .containsExactly(TOM);
        }

        @ParameterizedTest
        @CsvSource({"Speaker 1", "Unknown", "Participant", "the room", "GUEST 2"})
        void a_label_of_a_recorder_is_nobody(String label) {
            Talk talk = talk(List.of(MIRA), label + ": Hello.", "Mira Voss: Hello.", label + ": Bye.");

            assertThat(talk.speaker(0)).isNull();
        }
    }
}
