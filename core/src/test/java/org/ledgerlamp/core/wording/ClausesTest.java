package org.ledgerlamp.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ClausesTest {
    @Test
    void a_sentence_of_one_clause_stays_whole() {
        assertThat(Clauses.of("keep the late boat until October")).containsExactly("keep the late boat until October");
    }

    @Test
    void another_clause_without_a_joining_word_is_left_out() {
        assertThat(Clauses.of("the belt is torn, it's been torn since Monday").getFirst())
                .isEqualTo("the belt is torn");
    }

    @Test
    void what_conditions_the_first_clause_stays_with_it() {
        assertThat(Clauses.of("repair the winch, if the part comes by May, otherwise hire one"))
                .first()
                .isEqualTo("repair the winch, if the part comes by May, otherwise hire one");
        assertThat(Clauses.strict("move the dry dock to October, if the yard agrees, and I'll write the letter"))
                .first()
                .isEqualTo("move the dry dock to October, if the yard agrees");
    }

    @Test
    void an_alternative_keeps_what_it_leads_to() {
        assertThat(Clauses.strict("hold to June, but if the list isn't in by May, then we don't go, and I'm off"))
                .first()
                .isEqualTo("hold to June, but if the list isn't in by May, then we don't go");
    }

    @Test
    void a_condition_in_front_is_not_parted_from_what_it_conditions() {
        assertThat(Clauses.of("if the crane is late, we lose the berth, and they know that"))
                .allMatch(form -> form.startsWith("if the crane is late, we lose the berth"));
    }
}
