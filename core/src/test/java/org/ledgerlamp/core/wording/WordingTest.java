package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Reader;
import org.ledgerlamp.core.reading.Reading;
import org.ledgerlamp.core.reading.Said;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.source.Source;

/** What is settled or promised in a fragment is quoted before it is only offered. */
class WordingTest {
    private static final double SURE = 0.95;
    private static final double LIKELY = 0.6;

    private final Source talk = Skerry.talk(
            "Tom Reyes: The harbour master wants an answer.",
            "Mira Voss: Scrap that then. No Saturday sailings before the first of May.",
            "Tom Reyes: No rooflights on the shed before the insurer has been.",
            "Mira Voss: I'll phone him tonight.",
            "Ana Prokop: When's twenty-eight days?");

    private Worded worded(Kind kind, Person owner, double certainty, String... quotes) {
        Reading reading = new Reader(SentenceClassifier.shipped(), 1).read(talk, Skerry.meeting());
        List<Evidence> evidence =
                Arrays.stream(quotes).map(q -> evidence(reading, q)).toList();
        Said carrier = said(reading, quotes[0]);
        Finding finding = new Finding(
                kind, quotes[0], null, carrier.speaker(), null, owner, null, null, certainty, List.of(), evidence);
        return new Wording(reading, Skerry.meeting()).of(finding);
    }

    private static Said said(Reading reading, String quote) {
        return reading.said().stream()
                .filter(s -> s.text().equals(quote))
                .findFirst()
                .orElseThrow();
    }

    private static Evidence evidence(Reading reading, String quote) {
        Said s = said(reading, quote);
        return new Evidence(
                Evidence.Origin.TALK,
                s.utterance(),
                null,
                s.speaker().name(),
                s.start(),
                s.start() + quote.length(),
                quote);
    }

    @Test
    void what_is_settled_without_a_verb_is_quoted_with_its_no() {
        Worded worded = worded(Kind.DECISION, null, LIKELY, "No rooflights on the shed before the insurer has been.");

        assertThat(worded.form()).isEqualTo(Worded.Form.QUOTED);
        assertThat(worded.text()).contains("Tom Reyes: “No rooflights on the shed before the insurer has been.”");
    }

    @Test
    void two_sentences_of_one_breath_are_quoted_together_where_the_first_says_too_little() {
        Worded worded = worded(
                Kind.DECISION, null, LIKELY, "Scrap that then.", "No Saturday sailings before the first of May.");

        assertThat(worded.form()).isEqualTo(Worded.Form.QUOTED);
        assertThat(worded.text())
                .endsWith("Mira Voss: “Scrap that then. No Saturday sailings before the first of May.”");
    }

    @Test
    void a_sure_promise_to_nobody_named_is_quoted_and_an_unsure_one_offered() {
        assertThat(worded(Kind.ACTION, Skerry.MIRA, SURE, "I'll phone him tonight.")
                        .form())
                .isEqualTo(Worded.Form.QUOTED);
        assertThat(worded(Kind.ACTION, Skerry.MIRA, LIKELY, "I'll phone him tonight.")
                        .form())
                .isEqualTo(Worded.Form.AS_SAID);
    }

    @Test
    void a_question_about_something_is_no_promise() {
        assertThat(worded(Kind.ACTION, Skerry.MIRA, SURE, "When's twenty-eight days?")
                        .form())
                .isEqualTo(Worded.Form.AS_SAID);
    }
}
