package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;

/** What rests on the same words stands in a draft once. */
class OneKindTest {
    private static final Evidence FENDER = said(3, "Put a roller on the Skarness fender.");
    private static final Evidence CABLE = said(9, "The cable wears through.");

    private static Evidence said(int utterance, String quote) {
        return new Evidence(Evidence.Origin.TALK, utterance, null, "Mira Voss", 0, quote.length(), quote);
    }

    private static Line line(Kind kind, double certainty, Evidence evidence) {
        return new Line(
                kind,
                evidence.quote(),
                null,
                null,
                null,
                0,
                null,
                certainty,
                List.of("a test"),
                null,
                List.of(evidence));
    }

    @Test
    void as_the_kind_that_is_farthest_above_its_threshold() {
        assertThat(OneKind.of(List.of(line(Kind.RISK, 0.4, CABLE), line(Kind.LOWLIGHT, 0.95, CABLE))))
                .extracting(Line::kind)
                .containsExactly(Kind.LOWLIGHT);
    }

    @Test
    void and_as_a_point_only_where_it_is_nothing_else() {
        assertThat(OneKind.of(List.of(line(Kind.POINT, 0.95, FENDER), line(Kind.DECISION, 0.66, FENDER))))
                .extracting(Line::kind)
                .containsExactly(Kind.DECISION);
    }

    @Test
    void what_rests_on_other_words_stays() {
        assertThat(OneKind.of(List.of(line(Kind.DECISION, 0.7, FENDER), line(Kind.RISK, 0.5, CABLE))))
                .hasSize(2);
    }
}
