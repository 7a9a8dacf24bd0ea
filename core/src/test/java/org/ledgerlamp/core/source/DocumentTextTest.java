package org.ledgerlamp.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.source.DocumentText.Paragraph;

/** A document of a team's own is read as headings and paragraphs. */
class DocumentTextTest {
    private static List<Paragraph> of(String text) throws UnreadableSource {
        return DocumentText.of(text.getBytes(StandardCharsets.UTF_8), Limits.DEFAULT);
    }

    @Test
    void wrapped_lines_are_one_paragraph_and_items_are_one_each() throws UnreadableSource {
        assertThat(
                        of(
                                """
                # Mooring rules

                Lines are checked every morning before the
                first crossing, by whoever opens the quay.

                - Bow line first.
                - Stern line
                  second.
                1. Gangway last
                """))
                .containsExactly(
                        new Paragraph("Mooring rules", true),
                        new Paragraph(
                                "Lines are checked every morning before the first crossing, by whoever opens the quay.",
                                false),
                        new Paragraph("Bow line first.", false),
                        new Paragraph("Stern line second.", false),
                        new Paragraph("Gangway last", false));
    }

    @Test
    void a_short_line_with_a_full_stop_ends_its_paragraph_where_no_blank_line_does() throws UnreadableSource {
        assertThat(of("Nobody walks under a lifted gangway while it moves.\nNot ever.\nThe hoist is locked at night."))
                .extracting(Paragraph::text)
                .containsExactly(
                        "Nobody walks under a lifted gangway while it moves. Not ever.",
                        "The hoist is locked at night.");
    }

    @Test
    void a_web_page_shows_its_text_and_runs_nothing() throws UnreadableSource {
        assertThat(of("<html><body><h1>Quay</h1><script>alert(1)</script><p>Open at six.</p></body></html>"))
                .extracting(Paragraph::text)
                .containsExactly("Quay", "Open at six.");
    }

    @Test
    void an_empty_file_is_refused_with_the_reason() {
        assertThatThrownBy(() -> of(" \n\n"))
                .isInstanceOf(UnreadableSource.class)
                .hasMessageContaining("not a word");
    }
}
