package org.ledgerlamp.core.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sources that tell voices apart by other signs than a name before a colon. */
class SpeakersSetOffTest {
    private static List<String> said(String text) throws UnreadableSource {
        return new SourceDesk(Limits.DEFAULT)
                .read(text.getBytes(StandardCharsets.UTF_8)).utterances().stream()
                        .map(u -> (u.speaker() == null ? "?" : u.speaker()) + ": " + u.text())
                        .toList();
    }

    @Test
    void arrows_in_captions_begin_another_voice_however_many_cues_it_takes() throws UnreadableSource {
        assertThat(
                        said(
                                """
                        WEBVTT

                        00:00:01.000 --> 00:00:03.000
                        >> The fender is cracked again,

                        00:00:03.000 --> 00:00:05.000
                        and the yard is shut.

                        00:00:05.000 --> 00:00:08.000
                        >> Since when? >> Since Monday.

                        00:00:08.000 --> 00:00:09.000
                        >> MIRA: I'll ring them.
                        """))
                .containsExactly(
                        "?: The fender is cracked again, and the yard is shut.",
                        "?: Since when?",
                        "?: Since Monday.",
                        "MIRA: I'll ring them.");
    }

    @Test
    void so_do_dashes_at_the_beginning_of_lines() throws UnreadableSource {
        assertThat(
                        said(
                                """
                        1
                        00:00:01,000 --> 00:00:03,000
                        - The fender is cracked.
                        - Since when?

                        2
                        00:00:03,000 --> 00:00:05,000
                        - Since Monday, and it
                        was new.
                        """))
                .containsExactly("?: The fender is cracked.", "?: Since when?", "?: Since Monday, and it was new.");
    }

    @Test
    void captions_without_marks_and_with_voice_tags_are_read_as_before() throws UnreadableSource {
        assertThat(
                        said(
                                """
                        WEBVTT

                        00:00:01.000 --> 00:00:03.000
                        <v Tom Reyes>A - B - C</v>

                        00:00:03.000 --> 00:00:05.000
                        <v Mira Voss>>> and on >> we go</v>
                        """))
                .hasSize(2)
                .first()
                .isEqualTo("Tom Reyes: A - B - C");
    }

    @Test
    void segments_are_found_however_deep_they_lie() throws UnreadableSource {
        assertThat(
                        said(
                                """
                        {"job": {"id": 7, "tags": [{"name": "x"}, {"name": "y"}]},
                         "output": {"channels": [{"parts": {"list": [
                           {"speaker": "Tom Reyes", "start": 1.0, "text": "The fender is cracked."},
                           {"speaker": "Mira Voss", "start": 3.5, "text": "Since when?"}]}}]}}
                        """))
                .containsExactly("Tom Reyes: The fender is cracked.", "Mira Voss: Since when?");
    }

    @Test
    void bold_names_and_definition_lists_in_web_pages_are_speakers() throws UnreadableSource {
        List<String> talk = List.of(
                "Tom Reyes: The fender is cracked.",
                "Mira Voss: Since when?",
                "Tom Reyes: Since Monday.",
                "Mira Voss: Right.");
        assertThat(said(
                        "<!doctype html><html><body><p><b>Tom Reyes</b> The fender is cracked.</p><p><b>Mira Voss</b> Since when?</p>"
                                + "<p><b>Tom Reyes</b> Since Monday.</p><p><b>Mira Voss</b> Right.</p></body></html>"))
                .isEqualTo(talk);
        assertThat(
                        said(
                                "<!doctype html><html><body><dl><dt>Tom Reyes</dt><dd>The fender is cracked.</dd><dt>Mira Voss</dt><dd>Since"
                                        + " when?</dd><dt>Tom Reyes</dt><dd>Since Monday.</dd><dt>Mira Voss</dt><dd>Right.</dd></dl></body></html>"))
                .isEqualTo(talk);
        assertThat(said(
                        "<!doctype html><html><body><p><strong>Tom Reyes</strong></p><p>The fender is cracked.</p><p><strong>Mira"
                                + " Voss</strong></p><p>Since when?</p><p><strong>Tom Reyes</strong></p><p>Since Monday.</p><p><strong>Mira"
                                + " Voss</strong></p><p>Right.</p></body></html>"))
                .isEqualTo(talk);
    }

    @Test
    void of_a_definition_list_one_that_comes_again_is_enough_and_a_glossary_has_none() throws UnreadableSource {
        assertThat(
                        said(
                                "<!doctype html><html><body><dl><dt>Tom Reyes</dt><dd>The fender is cracked.</dd><dt>Mira Voss</dt><dd>Since"
                                        + " when?</dd><dt>Ana Prokop</dt><dd>A week.</dd><dt>Mira Voss</dt><dd>Then it is replaced.</dd><dt>Tom Reyes</dt><dd>Good.</dd></dl></body></html>"))
                .containsExactly(
                        "Tom Reyes: The fender is cracked.",
                        "Mira Voss: Since when?",
                        "Ana Prokop: A week.",
                        "Mira Voss: Then it is replaced.",
                        "Tom Reyes: Good.");
        assertThat(said(
                        "<!doctype html><html><body><dl><dt>Fender</dt><dd>What a boat leans on.</dd><dt>Bollard</dt><dd>What a"
                                + " rope goes around.</dd><dt>Quay</dt><dd>Where both stand.</dd></dl></body></html>"))
                .noneMatch(line -> line.startsWith("Fender:"));
    }

    @Test
    void a_bold_word_here_and_there_is_no_speaker() throws UnreadableSource {
        assertThat(
                        said(
                                "<!doctype html><html><body><p><b>Note</b> the fender is cracked, as everybody who was on the quay on Monday"
                                        + " morning saw with their own eyes, and the yard is shut until Thursday at the very least, so there is"
                                        + " nothing to be done before then but to wait and to hope for better weather than last week.</p></body></html>"))
                .singleElement()
                .asString()
                .startsWith("?: Note the fender");
    }
}
