package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.ledgerlamp.core.ledger.SkerryLedger.meeting;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A question that was left open is found again where it is answered; nobody has it, so that its words alone have to tell. */
class QuestionsTest {
    private static final FiledMeeting ASKED = meeting("1", "2026-03-03")
            .said(
                    """
            Mira: The sensors in the battery room then.
            Ana: Does the insurer want the gas sensors doubled?
            Mira: Nobody has asked them.
            """)
            .question("Does the insurer want the gas sensors doubled?", "Does the insurer want")
            .filed();

    private static List<Recall> in(String talk) {
        FiledLine line = ASKED.lines().getFirst();
        Vocabulary vocabulary = new Vocabulary();
        vocabulary.add(ASKED);
        FiledMeeting later = meeting("2", "2026-03-10").said(talk).filed();
        vocabulary.add(later);
        OpenAction open = new OpenAction(line, Subject.of(line, ASKED), "Berth weekly", ASKED.date());
        return new RecallFinder(vocabulary).in(later, List.of(open));
    }

    @Test
    void the_place_that_answers_it_is_found_with_its_words() {
        assertThat(
                        in(
                                """
                Mira: Right, last time.
                Ana: The insurer answered about the gas sensors: they want the sensors doubled.
                Mira: Then we do that.
                """))
                .singleElement()
                .satisfies(r -> assertThat(r.passage()).isEqualTo(1))
                .satisfies(r -> assertThat(r.outcome()).isEqualTo(Outcome.DONE));
    }

    @Test
    void a_word_in_common_is_not_enough() {
        assertThat(
                        in(
                                """
                Mira: Anything else?
                Ana: The insurer sent a calendar.
                Mira: How nice.
                """))
                .isEmpty();
    }
}
