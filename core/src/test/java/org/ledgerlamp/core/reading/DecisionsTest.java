package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.Line;

class DecisionsTest {
    private static List<Line> decisions(String... talk) {
        return Skerry.lines(Kind.DECISION, talk);
    }

    @Test
    void a_proposal_that_somebody_says_yes_to_is_a_decision() {
        Line decision = decisions(
                        "Mira Voss: Should we put a roller on the Skarness fender?",
                        "Ana Prokop: Yes, makes sense to me.")
                .getFirst();

        assertThat(decision.text()).isEqualTo("Put a roller on the Skarness fender.");
        assertThat(decision.backing().proposedBy()).isEqualTo("Mira Voss");
        assertThat(decision.backing().assentedBy()).containsExactly("Ana Prokop");
        assertThat(decision.backing().standing()).isEqualTo(Standing.UNOPPOSED);
        assertThat(decision.reasons()).contains("proposed", "assented to");
    }

    @Test
    void what_is_settled_outright_needs_no_yes() {
        assertThat(decisions(
                        "Tom Reyes: Both offers are in.",
                        "Mira Voss: So we've agreed, we'll stick with the second battery supplier."))
                .extracting(Line::text)
                .singleElement()
                .asString()
                .contains("second battery supplier");
    }

    @Test
    void putting_off_and_keeping_as_it_is_are_decisions_too() {
        assertThat(decisions(
                        "Tom Reyes: The offer for the second charger runs out.",
                        "Mira Voss: Let's put the second charger off to the steering group.",
                        "Ana Prokop: Fine by me."))
                .hasSize(1);
        assertThat(decisions(
                        "Mira Voss: Shall we keep the early sailing through the refit?", "Ana Prokop: Keep it, yes."))
                .isNotEmpty();
    }

    @Test
    void a_thin_yes_takes_its_words_from_the_proposal_before_it() {
        Line decision = decisions(
                        "Ana Prokop: Could we run the Tern off the mobile unit until the house is done?",
                        "Mira Voss: What does it cost?",
                        "Tom Reyes: Eleven hundred.",
                        "Mira Voss: Okay. Let's do that.")
                .getFirst();

        assertThat(decision.text()).contains("Tern", "mobile unit");
        assertThat(decision.evidence()).extracting(Evidence::speaker).contains("Ana Prokop", "Mira Voss");
    }

    @Test
    void an_objection_makes_it_contested_or_nothing() {
        List<Line> drafted = decisions(
                "Mira Voss: I propose we buy the cheaper charger, agreed?",
                "Tom Reyes: No, I don't like the plug.",
                "Mira Voss: We've decided, we go with the cheaper charger.");

        assertThat(drafted)
                .filteredOn(d -> !d.backing().objectedBy().isEmpty())
                .allSatisfy(d -> assertThat(d.backing().standing()).isEqualTo(Standing.CONTESTED));
    }

    @Test
    void a_no_to_a_later_question_is_no_objection() {
        Line decision = decisions(
                        "Mira Voss: Should we put a roller on the Skarness fender?",
                        "Ana Prokop: Yes, let's do that.",
                        "Mira Voss: Who insures the mobile unit?",
                        "Tom Reyes: No idea.")
                .getFirst();

        assertThat(decision.backing().objectedBy()).isEmpty();
    }

    @Test
    void a_no_to_who_is_against_is_a_yes() {
        Line decision = decisions(
                        "Mira Voss: Let's put a roller on the Skarness fender then. Anybody against?",
                        "Ana Prokop: No.",
                        "Tom Reyes: No, good idea.")
                .getFirst();

        assertThat(decision.backing().objectedBy()).isEmpty();
        assertThat(decision.backing().assentedBy()).contains("Ana Prokop");
    }

    @Test
    void of_a_matter_that_is_settled_anew_the_last_state_counts() {
        assertThat(decisions(
                        "Tom Reyes: I'd keep the mobile unit at Holm until Easter, just in case.",
                        "Mira Voss: Okay. Let's keep the mobile unit at Holm one more week, and then it goes.",
                        "Ana Prokop: Good."))
                .singleElement()
                .satisfies(d -> assertThat(d.text()).contains("one more week").doesNotContain("Easter"));
    }

    @Test
    void a_rule_for_a_case_a_refusal_and_leaving_it_are_decisions() {
        assertThat(decisions(
                        "Mira Voss: If the harbour master does not sign on Monday we go with the second slip.",
                        "Tom Reyes: Agreed."))
                .singleElement()
                .satisfies(d -> assertThat(d.text()).contains("harbour master", "second slip"));
        assertThat(decisions(
                        "Joss Lindqvist: Confetti cannons at the launch?",
                        "Mira Voss: Scrap the confetti cannons.",
                        "Ana Prokop: Fine."))
                .isNotEmpty();
        assertThat(decisions(
                        "Ana Prokop: Should the Thursday review move?",
                        "Mira Voss: The Thursday review stays where it is, and we stay with the small room.",
                        "Ana Prokop: Okay."))
                .isNotEmpty();
    }

    @Test
    void what_was_decided_elsewhere_is_reported_not_decided() {
        assertThat(decisions(
                        "Tom Reyes: Last month they decided to go with the cheaper charger for the mainland.",
                        "Ana Prokop: I see."))
                .isEmpty();
    }

    @Test
    void moving_on_is_about_the_talk_and_settles_nothing() {
        assertThat(decisions("Mira Voss: Let's start with the Holm transformer house.", "Tom Reyes: Okay."))
                .isEmpty();
        assertThat(decisions("Mira Voss: Let's move on to the crew training.", "Joss Lindqvist: Sure."))
                .isEmpty();
    }
}
