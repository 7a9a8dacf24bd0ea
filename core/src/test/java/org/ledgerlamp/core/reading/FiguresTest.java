package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.source.Source;

/** How long a meeting was, how full of talk, and who came when. */
class FiguresTest {
    private static Reading read(Source source) {
        return new Reader(SentenceClassifier.shipped(), 0.25).read(source, Skerry.meeting());
    }

    private static Presence of(Reading reading, String name) {
        return reading.attendance().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void silence_is_what_no_cue_covers_and_overlapping_talk_counts_once() {
        TalkFigures figures = read(Skerry.read(
                        """
                        WEBVTT

                        00:00:00.000 --> 00:00:20.000
                        <v Mira Voss>The fender is split along the whole side.

                        00:00:10.000 --> 00:00:30.000
                        <v Tom Reyes>It was the ice in the second week of January.

                        00:00:50.000 --> 00:01:40.000
                        <v Mira Voss>Then we need another one before the spring.
                        """))
                .figures();

        assertThat(figures.length()).isEqualTo(Duration.ofSeconds(100));
        assertThat(figures.silence()).isEqualTo(0.2);
        assertThat(figures.planned()).isEqualTo(Duration.ofMinutes(45));
    }

    @Test
    void a_source_that_does_not_say_when_talk_ends_tells_no_silence() {
        assertThat(read(Skerry.talk("Mira Voss: Hello.", "Tom Reyes: Hello.", "Mira Voss: Right."))
                        .figures()
                        .silence())
                .isNull();
    }

    @Test
    void a_recorder_tells_how_long_after_the_plan_it_began() {
        String delivery =
                """
                {"event":"recording.finished","id":"r","title":"Weekly","startedAt":"%s","durationSeconds":60,
                 "participants":[],"segments":[{"speaker":"Mira Voss","start":1,"end":20,"text":"Let us begin."},
                 {"speaker":"Tom Reyes","start":21,"end":40,"text":"The fender is split."}]}
                """;

        assertThat(read(Skerry.read(delivery.formatted("2026-03-03T08:36:30Z")))
                        .figures()
                        .startedAfter())
                .isEqualTo(Duration.ofSeconds(390));
        assertThat(read(Skerry.read(delivery.formatted("2026-03-01T08:36:30Z")))
                        .figures()
                        .startedAfter())
                .isNull();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Hello, sorry I'm late, the ferry was full.",
                "Sorry, sorry, what have I missed?",
                "Apologies for being late, everybody.",
                "Sorry, I got held up at the slip."
            })
    void who_excuses_themselves_came_later(String excuse) {
        Reading reading = read(Skerry.talk(
                "Mira Voss: Morning.",
                "Tom Reyes: The fender is split along the whole side.",
                "Mira Voss: Since when?",
                "Tom Reyes: Since the ice in January.",
                "Ana Prokop: " + excuse,
                "Mira Voss: Come in."));

        assertThat(of(reading, "Ana Prokop").late()).isTrue();
        assertThat(of(reading, "Tom Reyes").late()).isFalse();
    }

    @Test
    void who_is_said_to_join_later_and_then_speaks_came_later() {
        Reading reading = read(Skerry.talk(
                "Mira Voss: Morning. Ana's running late, and Joss will join at ten.",
                "Tom Reyes: The fender is split along the whole side.",
                "Mira Voss: Since when?",
                "Joss Lindqvist: Since the ice in January.",
                "Mira Voss: The quote is late as well."));

        assertThat(of(reading, "Joss Lindqvist").late()).isTrue();
        assertThat(of(reading, "Ana Prokop").present()).isFalse();
        assertThat(of(reading, "Mira Voss").late()).isFalse();
    }

    @Test
    void who_is_welcomed_was_there_though_silent() {
        Reading reading = read(Skerry.talk(
                "Mira Voss: Good morning, Joss. Petra is on leave.",
                "Tom Reyes: The fender is split along the whole side.",
                "Mira Voss: Since when?"));

        assertThat(of(reading, "Joss Lindqvist").present()).isTrue();
        assertThat(of(reading, "Joss Lindqvist").turns()).isZero();
        assertThat(of(reading, "Ana Prokop").present()).isFalse();
    }
}
