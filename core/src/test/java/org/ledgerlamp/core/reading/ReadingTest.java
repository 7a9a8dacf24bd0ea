package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;

class ReadingTest {
    private static Reading read(String... talk) {
        return new Reader(SentenceClassifier.shipped(), 0.25).read(Skerry.talk(talk), Skerry.meeting());
    }

    private static Presence of(Reading reading, String name) {
        return reading.attendance().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void an_open_question_is_one_nobody_could_answer() {
        assertThat(Skerry.lines(
                        Kind.QUESTION,
                        "Mira Voss: Who insures the mobile unit on the quay?",
                        "Ana Prokop: I honestly don't know."))
                .extracting(Line::text)
                .containsExactly("Who insures the mobile unit on the quay?");
        assertThat(Skerry.lines(
                        Kind.QUESTION,
                        "Mira Voss: Who insures the mobile unit on the quay?",
                        "Ana Prokop: We do, from the lorry on."))
                .isEmpty();
    }

    @Test
    void a_later_question_that_nobody_can_answer_leaves_the_earlier_one_alone() {
        assertThat(Skerry.lines(
                        Kind.QUESTION,
                        "Mira Voss: Should we put a roller on the Skarness fender?",
                        "Ana Prokop: Yes, let's do that.",
                        "Mira Voss: Who insures the mobile unit?",
                        "Tom Reyes: No idea."))
                .extracting(Line::text)
                .containsExactly("Who insures the mobile unit?");
    }

    @Test
    void worries_are_risks_good_news_highlights_and_bad_news_lowlights() {
        Draft draft = Skerry.draft(
                "Tom Reyes: The good news is the shore supply at Skarness went live on Monday.",
                "Ana Prokop: The risk is that the mobile unit trips overnight.",
                "Tom Reyes: The bad news is that the transformer house slipped three weeks.");

        assertThat(Skerry.lines(draft, Kind.HIGHLIGHT))
                .singleElement()
                .extracting(Line::text)
                .asString()
                .contains("went live");
        assertThat(Skerry.lines(draft, Kind.RISK))
                .singleElement()
                .extracting(Line::text)
                .asString()
                .contains("trips overnight");
        assertThat(Skerry.lines(draft, Kind.LOWLIGHT))
                .singleElement()
                .extracting(Line::text)
                .asString()
                .contains("three weeks");
    }

    @Test
    void who_speaks_is_present_who_is_invited_and_silent_is_absent_who_apologised_too() {
        Reading reading = read("Mira Voss: Morning. Petra sends apologies.", "Tom Reyes: Morning.");

        assertThat(reading.attendance())
                .filteredOn(Presence::present)
                .extracting(Presence::name)
                .containsExactly("Mira Voss", "Tom Reyes");
        assertThat(reading.attendance())
                .filteredOn(p -> !p.present())
                .extracting(Presence::name)
                .containsExactlyInAnyOrder("Ana Prokop", "Joss Lindqvist", "Petra Holt");
    }

    @Test
    void somebody_who_is_late_has_not_apologised() {
        Reading reading =
                read("Mira Voss: Morning. Petra can't be here, and Joss is late.", "Joss Lindqvist: Sorry, here I am.");

        assertThat(of(reading, "Joss Lindqvist").present()).isTrue();
        assertThat(of(reading, "Petra Holt").present()).isFalse();
    }

    @Test
    void words_share_and_time_are_counted_per_person() {
        Reading reading = read("Mira Voss: one two three", "Tom Reyes: one", "Mira Voss: four five six seven");

        assertThat(of(reading, "Mira Voss").words()).isEqualTo(7);
        assertThat(of(reading, "Mira Voss").share()).isEqualTo(0.875);
        assertThat(of(reading, "Tom Reyes").time()).isEqualTo(Duration.ofSeconds(10));
        assertThat(of(reading, "Mira Voss").turns()).isEqualTo(2);
        assertThat(reading.figures().length()).isEqualTo(Duration.ofSeconds(23));
    }

    @Test
    void a_speaker_the_roster_does_not_know_keeps_the_name_that_was_written() {
        assertThat(of(read("Zoë Quill: Hello.", "Mira Voss: Hello."), "Zoë Quill")
                        .role())
                .isNull();
    }

    @Test
    void topics_cover_the_talk_without_gap() {
        Reading reading = read(
                "Mira Voss: Let's start with Holm, the transformer house.",
                "Tom Reyes: The timber cladding adds three weeks to the transformer house.",
                "Ana Prokop: The mobile unit could charge the Tern meanwhile.",
                "Mira Voss: Next, deckhand training. Joss?",
                "Joss Lindqvist: Six deckhands have done the plug training.",
                "Joss Lindqvist: I need ten deckhands for two shifts.");
        List<Topic> topics = reading.topics();

        assertThat(topics.getFirst().from()).isZero();
        assertThat(topics.getLast().to()).isEqualTo(5);
        for (int i = 1; i < topics.size(); i++) {
            assertThat(topics.get(i).from()).isEqualTo(topics.get(i - 1).to() + 1);
        }
        assertThat(topics).allSatisfy(t -> assertThat(t.title()).isNotBlank());
    }

    @Test
    void a_topic_is_matched_to_the_agenda_item_it_is_about() {
        List<String> talk = new ArrayList<>();
        talk.add("Mira Voss: First the transformer house at Holm.");
        for (int week = 1; week <= 6; week++) {
            talk.add(
                    "Tom Reyes: In week " + week + " the transformer house gets timber cladding on wall " + week + ".");
            talk.add("Ana Prokop: And the transformer cable is pulled into the house at Holm in week " + week + ".");
        }
        talk.add("Mira Voss: Okay, next one is the deckhand training.");
        for (int crew = 1; crew <= 6; crew++) {
            talk.add("Joss Lindqvist: Deckhand crew " + crew + " has passed the plug training.");
            talk.add("Mira Voss: So the deckhand trainers come back for crew " + (crew + 1) + "?");
        }

        Reading reading = new Reader(SentenceClassifier.shipped(), 0.25)
                .read(
                        Skerry.talk(talk.toArray(String[]::new)),
                        Skerry.meeting("Transformer house at Holm", "Deckhand training"));

        assertThat(reading.topics()).extracting(Topic::agendaItem).contains(0, 1);
        assertThat(reading.topics())
                .extracting(Topic::title)
                .anyMatch(title -> title.startsWith("Transformer house at Holm"))
                .anyMatch(title -> title.startsWith("Deckhand training"));
        assertThat(reading.topics()).anySatisfy(t -> assertThat(t.from()).isEqualTo(13));
    }

    @Test
    void talk_without_speakers_is_read_all_the_same() {
        Draft draft = Skerry.draft(
                Skerry.read(
                        "[0:01] so shall we put a roller on the skarness fender\n[0:09] yes let's do that\n[0:12] somebody should order the roller by friday\n"),
                null,
                Skerry.meeting());

        assertThat(Skerry.lines(draft, Kind.ACTION)).isNotEmpty().allSatisfy(a -> assertThat(a.owner())
                .isNull());
    }
}
