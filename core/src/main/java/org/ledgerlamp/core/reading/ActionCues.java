package org.ledgerlamp.core.reading;

/** The turns of phrase that give an action away: promised, requested, wanted with no taker; and what speaks against one. */
final class ActionCues {
    static final RuleSet PROMISE = RuleSet.named("action.promised");
    static final RuleSet REQUEST = RuleSet.named("action.requested");
    static final RuleSet WANTED = RuleSet.named("action.wanted");
    static final RuleSet AGAINST = RuleSet.named("action.against");

    private ActionCues() {}
}
