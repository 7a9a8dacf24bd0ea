package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.minutes.Section.Content;
import org.ledgerlamp.core.minutes.Section.Form;
import org.ledgerlamp.core.minutes.Section.Grouping;

/** A template out of a few words about a kind of meeting. */
class DescribedTemplateTest {
    private static List<Content> contents(String description) {
        return DescribedTemplate.of(description).sections().stream()
                .map(Section::content)
                .toList();
    }

    private static Section section(String description, Content content) {
        return DescribedTemplate.of(description).sections().stream()
                .filter(s -> s.content() == content)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_known_kind_of_meeting_brings_its_sections() {
        Template weekly = DescribedTemplate.of("weekly with risks and owners");

        assertThat(weekly.sections())
                .extracting(Section::heading)
                .contains("Attendance", "Matters arising", "Risks", "Actions");
        assertThat(weekly.kinds()).containsExactly("weekly");
        assertThat(section("weekly with risks and owners", Content.ACTIONS).grouping())
                .isEqualTo(Grouping.BY_OWNER);
    }

    @Test
    void an_unknown_kind_has_the_usual_sections_and_those_that_are_named_in_their_place() {
        assertThat(contents("crew muster with good news, blockers and open questions"))
                .containsExactly(
                        Content.ATTENDEES,
                        Content.SUMMARY,
                        Content.HIGHLIGHTS,
                        Content.DECISIONS,
                        Content.ACTIONS,
                        Content.RISKS,
                        Content.QUESTIONS);
    }

    @Test
    void what_is_left_out_is_left_out() {
        assertThat(contents("weekly without highlights, lowlights and risks with a table"))
                .doesNotContain(Content.HIGHLIGHTS, Content.LOWLIGHTS, Content.RISKS)
                .contains(Content.ACTIONS);
        assertThat(contents("only decisions and actions")).containsExactly(Content.DECISIONS, Content.ACTIONS);
    }

    @ParameterizedTest
    @CsvSource({
        "brief stand-up,BRIEF",
        "detailed workshop,FULL",
        "supplier call,STANDARD",
        "something short,BRIEF",
    })
    void the_share_of_the_talk_follows_its_words(String description, Detail detail) {
        assertThat(DescribedTemplate.of(description).detail()).isEqualTo(detail);
    }

    @Test
    void tables_are_for_what_is_collected() {
        assertThat(section("steering group, all in tables", Content.DECISIONS).form())
                .isEqualTo(Form.TABLE);
        assertThat(section("steering group, all in tables", Content.TOPICS).form())
                .isEqualTo(Form.LIST);
    }

    @Test
    void a_question_is_asked_of_the_meeting() {
        Template call = DescribedTemplate.of("call with actions, what was said about the lead time, who decides");

        assertThat(call.asking()).extracting(Section::heading).contains("Lead time", "Who decides");
        assertThat(call.asking())
                .extracting(Section::text)
                .contains("What was said about the lead time?", "Who decides?");
    }

    @Test
    void no_words_are_no_description() {
        assertThatThrownBy(() -> DescribedTemplate.of("  ")).hasMessageContaining("weekly with risks and owners");
    }

    @Test
    void however_long_the_words_the_name_fits() {
        assertThat(DescribedTemplate.of("planning ".repeat(40)).name()).hasSizeLessThanOrEqualTo(60);
    }
}
