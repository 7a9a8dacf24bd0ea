package org.ledgerlamp.server.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SnippetTest {
    private static String mark(String text) {
        return text.replace("[", Snippet.ON).replace("]", Snippet.OFF);
    }

    @Test
    void marked_text_is_cut_where_the_light_begins_and_ends() {
        assertThat(Snippet.of(mark("the [mobile] [unit] at Holm")))
                .containsExactly(
                        new Snippet("the ", false),
                        new Snippet("mobile", true),
                        new Snippet(" ", false),
                        new Snippet("unit", true),
                        new Snippet(" at Holm", false));
    }

    @Test
    void markup_in_the_text_is_text() {
        assertThat(Snippet.of(mark("<b>[x]</b>")))
                .containsExactly(new Snippet("<b>", false), new Snippet("x", true), new Snippet("</b>", false));
    }

    @Test
    void text_without_marks_is_one_piece_and_no_text_is_none() {
        assertThat(Snippet.of("plain")).containsExactly(new Snippet("plain", false));
        assertThat(Snippet.of("")).isEmpty();
    }
}
