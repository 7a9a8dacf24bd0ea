package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.ledgerlamp.core.ledger.SkerryLedger.meeting;

import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.ledger.DecisionLink.Effect;

/** A decision that bears on an earlier one is linked to it. */
class DecisionLinksTest {
    private static final FiledMeeting FIRST = meeting("1", "2026-03-03")
            .said(
                    """
                    Mira: The ticket machine on the Holm pier, the Brightwater one or the Tolley?
                    Ana: The Tolley takes cards, and it's four thousand two hundred.
                    Mira: The Tolley machine for Holm, then, four thousand two hundred.
                    Tom: And the dogs?
                    Ana: A dog ticket at two pounds, on every crossing.
                    Mira: Two pounds for a dog ticket. Agreed.
                    """)
            .decision("The Tolley machine for Holm, four thousand two hundred.", "The Tolley machine for Holm, then")
            .decision("Two pounds for a dog ticket.", "Two pounds for a dog ticket.")
            .filed();

    private static LedgerWalk after(String talk, String decision) {
        LedgerWalk walk = new LedgerWalk();
        walk.file(FIRST);
        walk.file(meeting("2", "2026-04-07")
                .said(talk)
                .decision(decision, decision)
                .filed());
        return walk;
    }

    @Test
    void that_changes_what_was_settled() {
        LedgerWalk walk = after(
                """
                Tom: The Tolley machine for Holm, we said four thousand two hundred, and they cannot deliver.
                Ana: Brightwater can, in May.
                Mira: Then the Brightwater machine for the Holm pier, not the Tolley.
                """,
                "Then the Brightwater machine for the Holm pier, not the Tolley.");

        assertThat(walk.links()).singleElement().satisfies(link -> {
            assertThat(link.earlier().line().id()).isEqualTo("1.1");
            assertThat(link.effect()).isEqualTo(Effect.CHANGES);
        });
    }

    @Test
    void that_withdraws_it() {
        LedgerWalk walk = after(
                """
                Ana: The dog ticket. Nobody pays the two pounds, the crew won't ask for it.
                Mira: Then we drop the dog ticket, all of it.
                """,
                "Then we drop the dog ticket, all of it.");

        assertThat(walk.links()).singleElement().satisfies(link -> {
            assertThat(link.earlier().line().id()).isEqualTo("1.2");
            assertThat(link.effect()).isEqualTo(Effect.WITHDRAWS);
        });
    }

    @Test
    void that_confirms_it() {
        LedgerWalk walk = after(
                """
                Tom: Are we really sticking with the dog ticket at two pounds?
                Mira: The dog ticket stays at two pounds, as we agreed.
                """,
                "The dog ticket stays at two pounds, as we agreed.");

        assertThat(walk.links())
                .singleElement()
                .extracting(DecisionLink::effect)
                .isEqualTo(Effect.CONFIRMS);
    }

    @Test
    void words_of_deciding_make_no_two_decisions_kin() {
        LedgerWalk walk = new LedgerWalk();
        walk.file(meeting("1", "2026-04-07")
                .said(
                        """
                        Ana: The herons are back in the crow's nest of the old light ship.
                        Tom: I propose the herons stay in the crow's nest of the light ship until autumn.
                        Mira: Agreed, the herons stay in the crow's nest of the light ship until autumn.
                        """)
                .decision(
                        "The herons stay in the crow's nest of the light ship until autumn.",
                        "the herons stay in the crow's nest of the light ship until autumn.")
                .filed());
        walk.file(meeting("2", "2026-04-14")
                .said(
                        """
                        Mira: Paint. Which green for the railing of the kiosk?
                        Ana: I propose we take the dark green for the railing of the kiosk.
                        Mira: Agreed then, we take the dark green for the railing of the kiosk.
                        """)
                .decision(
                        "Agreed then, we take the dark green for the railing of the kiosk.",
                        "Agreed then, we take the dark green for the railing of the kiosk.")
                .filed());

        assertThat(walk.links()).isEmpty();
    }

    @Test
    void about_something_else_stands_alone() {
        LedgerWalk walk = after(
                """
                Joss: The winter timetable, do we keep the late boat on Fridays?
                Mira: Keep the late boat until November.
                """,
                "Keep the late boat until November.");

        assertThat(walk.links()).isEmpty();
    }
}
