package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.reading.Evidence;

class SummaryTest {
    private final Draft draft = Skerry.draft(
            "Tom Reyes: The fender at Skarness chafes again, and a roller costs four hundred.",
            "Ana Prokop: I'd put a roller on it, it pays for itself by June.",
            "Mira Voss: Agreed then, we put a roller on the Skarness fender.",
            "Tom Reyes: The good news is the shore supply at Skarness went live on Monday.",
            "Ana Prokop: The risk is that the mobile unit trips overnight.",
            "Tom Reyes: I'll order the roller for the fender by Friday.");

    @Test
    void tells_what_was_settled_what_to_watch_and_what_comes_next_in_whole_lines() {
        assertThat(draft.summary().paragraph())
                .startsWith("Decided: Put a roller on the Skarness fender.")
                .contains("To watch: ", "Next: Tom Reyes to order the roller for the fender by Friday.");
        assertThat(draft.summary().oneLine()).isEqualTo("Put a roller on the Skarness fender.");
        assertThat(draft.lines())
                .extracting(Line::text)
                .anySatisfy(text -> assertThat(draft.summary().paragraph()).contains(text));
    }

    @Test
    void has_at_most_eighty_words() {
        String[] talk = new String[40];
        for (int i = 0; i < talk.length; i += 2) {
            talk[i] = "Tom Reyes: I'll order the new fender plate number " + i
                    + " for the second berth at Skarness by Friday.";
            talk[i + 1] = "Mira Voss: Agreed, we'll buy the fender plate number " + i
                    + " for the berth at Skarness this spring.";
        }
        Summary summary = Skerry.draft(talk).summary();

        assertThat((summary.oneLine() + " " + summary.paragraph()).split("\\s+"))
                .hasSizeLessThanOrEqualTo(80);
    }

    @Test
    void what_is_settled_in_a_fragment_is_told_as_it_was_said() {
        Summary summary = Skerry.draft(
                        "Ana Prokop: What do we ask for the bus to the ferry?",
                        "Tom Reyes: I'd propose a dollar for the bus, from April.",
                        "Mira Voss: Agreed. A dollar for the bus, from April.",
                        "Tom Reyes: I'll print the new tickets for the bus by Friday.")
                .summary();

        assertThat(summary.paragraph()).contains("“A dollar for the bus, from April” (Mira Voss).");
        assertThat(summary.oneLine()).isEmpty();
    }

    @Test
    void rests_on_what_its_lines_rest_on() {
        List<Evidence> all =
                draft.lines().stream().flatMap(l -> l.evidence().stream()).toList();

        assertThat(draft.summary().evidence()).isNotEmpty().isSubsetOf(all);
    }

    @Test
    void of_a_meeting_that_settled_nothing_says_plainly_what_was_found() {
        Summary summary = Skerry.draft(
                        "Mira Voss: The weather on the quay was bad all week, was it not.",
                        "Tom Reyes: It was, four days of wind on the quay.")
                .summary();

        assertThat(summary.paragraph()).contains("No decisions or actions were found with certainty.");
        assertThat(summary.oneLine()).isEmpty();
    }

    @Test
    void of_talk_in_another_language_says_that_it_was_not_read() {
        Draft german = Skerry.draft(
                "Mira Voss: Guten Morgen zusammen, wir fangen an. Wer übernimmt heute das Protokoll?",
                "Tom Reyes: Ich mache das. Der Lieferant sagt, die Batterien kommen erst im Mai, und das ist für uns ein Problem.",
                "Mira Voss: Kannst du ihn bitte bis Freitag anrufen und nachfragen, ob es schneller geht? Wir brauchen sie im April.",
                "Tom Reyes: Ja, ich rufe ihn morgen an und schreibe dir dann eine Nachricht.");

        assertThat(german.lines()).isEmpty();
        assertThat(german.summary().paragraph()).startsWith("The source is in German.");
        assertThat(german.reading().attendance()).extracting(p -> p.name()).contains("Mira Voss", "Tom Reyes");
    }
}
