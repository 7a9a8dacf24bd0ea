package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every rule against its own examples. */
class RulesTest {
    static Stream<RuleSet.Rule> rules() {
        return RuleSet.all().stream().flatMap(set -> set.rules().stream());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void a_rule_matches_its_examples_and_none_of_its_counterexamples(RuleSet.Rule rule) {
        assertThat(rule.matching()).as("examples of " + rule.id()).isNotEmpty();
        assertThat(rule.others()).as("counterexamples of " + rule.id()).isNotEmpty();
        assertThat(rule.matching()).allMatch(rule::matches, "matches " + rule.pattern());
        assertThat(rule.others()).noneMatch(rule::matches);
    }

    @Test
    void every_rule_has_an_id_of_its_own_and_a_weight_between_0_and_1() {
        List<RuleSet.Rule> rules = rules().toList();
        assertThat(rules).extracting(RuleSet.Rule::id).doesNotHaveDuplicates();
        assertThat(rules).extracting(RuleSet.Rule::weight).allMatch(w -> w > 0 && w <= 1);
        assertThat(rules).hasSizeGreaterThan(50);
    }

    @Test
    void a_set_that_is_not_there_is_said_to_be_missing() {
        assertThatThrownBy(() -> RuleSet.named("decision.imagined"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("decision.imagined");
    }
}
