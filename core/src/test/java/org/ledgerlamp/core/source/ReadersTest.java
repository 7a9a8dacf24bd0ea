package org.ledgerlamp.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReadersTest {
    private static Source read(String text) throws UnreadableSource {
        return new SourceDesk(Limits.DEFAULT).read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static List<String> said(String text) throws UnreadableSource {
        return read(text).utterances().stream()
                .map(u -> u.speaker() + "|" + u.text())
                .toList();
    }

    @Nested
    class WebVtt {
        @Test
        void speakers_stand_in_voice_tags_with_or_without_class_or_before_a_colon() throws Exception {
            assertThat(
                            said(
                                    """
                            WEBVTT - weekly

                            intro
                            00:01.000 --> 00:02.000 align:start position:0%
                            <v.loud Mira Voss>Good <b>morning</b></v>

                            00:00:03.000 --> 00:00:04.000
                            <v Tom Reyes>Fish &amp; chips &lt;today&gt;

                            00:00:05.000 --> 00:00:06.000
                            Ana Prokop: No, thanks.
                            """))
                    .containsExactly(
                            "Mira Voss|Good morning", "Tom Reyes|Fish & chips <today>", "Ana Prokop|No, thanks.");
        }

        @Test
        void comments_styles_and_regions_are_passed_over() throws Exception {
            Source source = read(
                    """
                    WEBVTT

                    NOTE recorded on deck
                    over two lines

                    STYLE
                    ::cue { color: red }

                    REGION
                    id:fred

                    00:01.000 --> 00:02.000
                    Tom: Words.
                    """);

            assertThat(source.utterances()).hasSize(1);
            assertThat(source.problems()).isEmpty();
        }

        @Test
        void cues_that_split_a_sentence_of_one_speaker_are_joined() throws Exception {
            Source source = read(
                    """
                    WEBVTT

                    00:01.000 --> 00:02.000
                    <v Tom>I'll order the roller

                    00:02.100 --> 00:03.000
                    <v Tom>by Friday.

                    00:03.100 --> 00:04.000
                    <v Ana>Good.
                    """);

            assertThat(source.utterances())
                    .extracting(Utterance::text)
                    .containsExactly("I'll order the roller by Friday.", "Good.");
            assertThat(source.utterances().getFirst().start()).isEqualTo(Duration.ofSeconds(1));
            assertThat(source.utterances().getFirst().end()).isEqualTo(Duration.ofSeconds(3));
            assertThat(source.length()).isEqualTo(Duration.ofSeconds(4));
        }

        @Test
        void a_title_before_a_name_ends_no_sentence() throws Exception {
            Source source = read(
                    """
                    WEBVTT

                    00:01.000 --> 00:02.000
                    <v Tom>The keys are with the harbour master, Mrs.

                    00:02.100 --> 00:03.000
                    <v Tom>Dahl, until Friday.
                    """);

            assertThat(source.utterances())
                    .extracting(Utterance::text)
                    .containsExactly("The keys are with the harbour master, Mrs. Dahl, until Friday.");
        }

        @Test
        void a_bad_cue_is_named_by_its_line_and_the_rest_is_read() throws Exception {
            Source source = read(
                    "WEBVTT\n\n00:01.000 --> 00:02.000\nTom: One.\n\n00:03 -> 4\nTom: Two.\n\n00:99:00.000 --> 00:05.000\nTom: Three.\n");

            assertThat(source.utterances()).extracting(Utterance::text).contains("One.");
            assertThat(source.problems()).isNotEmpty();
            assertThat(source.problems().getLast().place()).isEqualTo("line 9");
        }

        @Test
        void where_no_cue_can_be_read_the_first_trouble_is_the_message() {
            assertThatThrownBy(() -> read("WEBVTT\n\n00:01.000 --> whenever\nTom: One.\n"))
                    .isInstanceOf(UnreadableSource.class)
                    .hasMessageStartingWith("line 3: expected two times")
                    .hasMessageContaining("whenever");
        }

        @Test
        void times_that_go_backwards_are_said_once_and_the_order_of_the_file_is_kept() throws Exception {
            Source source = read(
                    "WEBVTT\n\n00:09.000 --> 00:10.000\nTom: Later.\n\n00:01.000 --> 00:02.000\nAna: Earlier.\n\n00:00.500 --> 00:00.900\nAna: First.\n");

            assertThat(source.utterances()).extracting(Utterance::speaker).startsWith("Tom", "Ana");
            assertThat(source.problems()).hasSize(1);
            assertThat(source.problems().getFirst().message()).contains("backwards");
        }
    }

    @Nested
    class SubRip {
        @Test
        void numbers_may_miss_times_take_comma_or_dot_and_tags_go() throws Exception {
            assertThat(
                            said(
                                    """
                            1
                            00:00:01,000 --> 00:00:02,500
                            Mira Voss: <i>Good</i> {\\an8}morning.

                            00:00:03.000 --> 00:00:04.000
                            Tom Reyes: Morning.
                            """))
                    .containsExactly("Mira Voss|Good morning.", "Tom Reyes|Morning.");
        }

        @Test
        void a_first_cue_without_times_that_can_be_read_is_named() {
            assertThatThrownBy(() -> read("1\n00:00:01,000 --> soon\nTom: One.\n"))
                    .isInstanceOf(UnreadableSource.class)
                    .hasMessageStartingWith("line 2: expected two times");
        }
    }

    @Nested
    class TextLayouts {
        @ParameterizedTest
        @ValueSource(
                strings = {
                    "Mira Voss   0:03:12\nLet's begin.\n\nTom Reyes   0:03:20\nFine.\n",
                    "Mira Voss 3:12\nLet's begin.\n\nTom Reyes 3:20\nFine.\n",
                    "[00:03:12.4] Mira Voss\nLet's begin.\n\n[00:03:20.0] Tom Reyes\nFine.\n",
                    "0:03:12 Mira Voss\nLet's begin.\n\n0:03:20 Tom Reyes\nFine.\n",
                    "[00:03:12] Mira Voss: Let's begin.\n[00:03:20] Tom Reyes: Fine.\n",
                    "00:03:12 Mira Voss: Let's begin.\r\n00:03:20 Tom Reyes: Fine.\r\n",
                    "Mira Voss (00:03:12): Let's begin.\nTom Reyes (00:03:20): Fine.\n"
                })
        void name_and_time_stand_above_or_before_the_words(String text) throws Exception {
            assertThat(said(text)).containsExactly("Mira Voss|Let's begin.", "Tom Reyes|Fine.");
            assertThat(read(text).utterances().getFirst().start().toSeconds()).isEqualTo(192);
        }

        @Test
        void names_alone_before_the_words_are_a_talk_when_few_of_them_speak_often() throws Exception {
            assertThat(said("Mira: One.\nTom: Two.\nMira: Three: and four.\nTom: Five.\n"))
                    .containsExactly("Mira|One.", "Tom|Two.", "Mira|Three: and four.", "Tom|Five.");
        }

        @Test
        void a_speakers_words_may_run_over_several_lines() throws Exception {
            assertThat(said("Mira Voss   0:01\nFirst line\nsecond line.\n\nTom Reyes   0:09\nFine.\n"))
                    .containsExactly("Mira Voss|First line second line.", "Tom Reyes|Fine.");
        }

        @Test
        void times_without_names_have_nobody_speak() throws Exception {
            assertThat(said("[3:12] so let us begin\n[3:20] yes fine\n[3:30] all right\n"))
                    .containsExactly("null|so let us begin", "null|yes fine", "null|all right");
        }
    }

    @Nested
    class Json {
        @Test
        void a_recorders_delivery_tells_title_start_and_participants() throws Exception {
            Source source = read(
                    """
                    {"event":"recording.finished","id":"r","title":"Berth weekly","startedAt":"2026-03-02T10:01:10Z",
                     "participants":[{"name":"Petra Holt","email":"p@x"}],
                     "segments":[{"speaker":"Mira Voss","start":12.4,"end":19.0,"text":"Good morning."}]}
                    """);

            assertThat(source.facts().title()).isEqualTo("Berth weekly");
            assertThat(source.facts().startedAt()).isEqualTo(Instant.parse("2026-03-02T10:01:10Z"));
            assertThat(source.facts().participants()).containsExactly("Petra Holt");
            assertThat(source.utterances().getFirst().start()).isEqualTo(Duration.ofMillis(12_400));
        }

        @ParameterizedTest
        @ValueSource(
                strings = {
                    "[{\"name\":\"Tom\",\"startTime\":61000,\"text\":\"Hi\"},{\"name\":\"Tom\",\"startTime\":99000000,\"text\":\"Bye\"}]",
                    "{\"utterances\":[{\"speaker\":{\"name\":\"Tom\"},\"offset\":61,\"content\":\"Hi\"}]}",
                    "{\"results\":[{\"speaker\":\"Tom\",\"start\":\"0:01:01\",\"text\":\"Hi\"}]}"
                })
        void usual_key_names_and_units_are_understood(String json) throws Exception {
            Utterance first = read(json).utterances().getFirst();

            assertThat(first.speaker()).isEqualTo("Tom");
            assertThat(first.text()).isEqualTo("Hi");
            assertThat(first.start().toSeconds()).isEqualTo(61);
        }

        @Test
        void a_segment_without_words_is_listed_and_the_rest_read() throws Exception {
            Source source = read("{\"segments\":[{\"speaker\":\"Tom\"},{\"speaker\":\"Tom\",\"text\":\"Hi\"}]}");

            assertThat(source.utterances()).hasSize(1);
            assertThat(source.problems().getFirst().toString()).isEqualTo("segment 1: expected words under \"text\"");
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "{\"segments\": [ {\"text\": \"half|line 1: no valid JSON",
                    "{\"minutes\": []}|top level: expected a list of segments",
                    "{\"segments\": [{\"speaker\":\"Tom\"}]}|segment 1: expected words under \"text\""
                })
        void what_is_no_delivery_is_refused_by_its_place(String json, String message) {
            assertThatThrownBy(() -> read(json))
                    .isInstanceOf(UnreadableSource.class)
                    .hasMessageStartingWith(message);
        }
    }

    @Nested
    class Notes {
        @Test
        void marks_task_boxes_headings_and_nesting_are_understood() throws Exception {
            List<NoteLine> lines =
                    read("""
                            # Berth weekly
                            HOLM
                            - cladding, three weeks
                              + council is content
                              - [ ] TR order the plug
                              - [x] AP hull walk
                            D: mobile unit until then
                            a: ring the yard
                            Q: who insures it?
                            R: trips overnight
                            ~ lost a sailing
                            """)
                            .noteLines();

            assertThat(lines)
                    .extracting(NoteLine::text)
                    .contains("cladding, three weeks", "mobile unit until then", "ring the yard");
            assertThat(lines).extracting(NoteLine::heading).startsWith(true, true, false);
            assertThat(lines.get(2).indent()).isZero();
            assertThat(lines.get(3).indent()).isEqualTo(1);
            assertThat(lines)
                    .extracting(l -> l.mark().orElse(null))
                    .containsExactly(
                            null,
                            null,
                            null,
                            Mark.HIGHLIGHT,
                            Mark.TASK,
                            Mark.DONE,
                            Mark.DECISION,
                            Mark.ACTION,
                            Mark.QUESTION,
                            Mark.RISK,
                            Mark.LOWLIGHT);
            assertThat(lines.get(4).line()).isEqualTo(5);
        }

        @Test
        void a_mark_needs_a_blank_and_words_behind_it() {
            assertThat(Mark.at("A:")).isEmpty();
            assertThat(Mark.at("A:b")).isEmpty();
            assertThat(Mark.at("+1 from Tom")).isEmpty();
            assertThat(Mark.at("+ one")).contains(Mark.HIGHLIGHT);
            assertThat(Mark.at("[X] done")).contains(Mark.DONE);
        }

        @Test
        void notes_with_colons_are_no_talk() throws Exception {
            assertThat(read("cost: 1,100 a week\nHolm: three weeks\nrisk: trips\ncrew: four short\n")
                            .isNotes())
                    .isTrue();
        }
    }
}
