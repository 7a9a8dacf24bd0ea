package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;

class SummaryTest {
    private final Draft draft = Skerry.draft(
            "Mira Voss: Should we put a roller on the Skarness fender?",
            "Ana Prokop: Yes, let's do that.",
            "Tom Reyes: The good news is the shore supply at Skarness went live on Monday.",
            "Ana Prokop: The risk is that the mobile unit trips overnight.",
            "Tom Reyes: I'll order the roller for the fender by Friday.");

    @Test
    void tells_what_was_settled_the_news_and_the_worry_in_the_words_of_the_lines() {
        List<String> told = draft.lines().stream()
                .filter(l -> List.of(Kind.DECISION, Kind.HIGHLIGHT, Kind.RISK).contains(l.kind()))
                .map(Line::text)
                .toList();

        assertThat(told).hasSize(3);
        assertThat(draft.summary().paragraph())
                .contains(told.stream().map(t -> t.replaceAll("[.]$", "")).toList())
                .startsWith("Decided: Put a roller on the Skarness fender.")
                .contains("Good news: ", "At risk: ", "One action: Tom Reyes.");
        assertThat(draft.summary().oneLine()).isEqualTo("Put a roller on the Skarness fender.");
    }

    @Test
    void rests_on_what_its_lines_rest_on() {
        List<Evidence> all =
                draft.lines().stream().flatMap(l -> l.evidence().stream()).toList();

        assertThat(draft.summary().evidence()).isNotEmpty().isSubsetOf(all);
    }

    @Test
    void of_a_meeting_that_settled_nothing_says_what_was_talked_about() {
        Summary summary = Skerry.draft(
                        "Mira Voss: The weather on the quay was bad all week, was it not.",
                        "Tom Reyes: It was, four days of wind on the quay.")
                .summary();

        assertThat(summary.paragraph()).startsWith("Talked about: ");
        assertThat(summary.oneLine()).isEqualTo(summary.paragraph());
        assertThat(summary.evidence()).isEmpty();
    }
}
