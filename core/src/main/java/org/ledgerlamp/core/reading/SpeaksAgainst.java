package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.regex.Pattern;

/**
 * What speaks against a decision or an action however much its words sound like one: a request that is refused, a habit,
 * what was settled in the past. Weights learn these as well, from few examples; the rule needs none.
 */
final class SpeaksAgainst {
    private static final Pattern HABIT = Pattern.compile(
            "(?<![\\p{L}])(?:always|usually|normally|generally|never|as (?:usual|ever|always)|same as (?:every|last) (?:year|yr|time)"
                    + "|every (?:single )?(?:day|week|month|year|time|morning|evening|night|(?:mon|tues|wednes|thurs|fri|satur|sun)day)|most (?:days|weeks|months|years))(?![\\p{L}])");

    /** Who will do something every week has taken it on; who does it every week has a habit. */
    private static final Pattern FROM_NOW_ON = Pattern.compile(
            "(?<![\\p{L}'])(?:i'll|i will|i shall|i'm (?:going to|gonna)|let me|leave (?:it|that|them) (?:with|to) me)(?![\\p{L}])");

    /** Figures that went down may be good news. */
    private static final double PLAINLY_BAD = 0.45;

    private static final RuleSet BAD_NEWS = RuleSet.named("lowlight.bad");

    private SpeaksAgainst() {}

    /** Whether {@code s} hardly carries {@code kind}. */
    static boolean it(Kind kind, Sentence s, Talk talk) {
        return switch (kind) {
            case ACTION -> isHabit(s) || isRefused(s, talk);
            case DECISION -> Features.isOfThePast(s);
            case HIGHLIGHT -> BAD_NEWS.match(s.plain()).stream().anyMatch(r -> r.weight() >= PLAINLY_BAD);
            default -> false;
        };
    }

    private static boolean isHabit(Sentence s) {
        return HABIT.matcher(s.plain()).find()
                && !FROM_NOW_ON.matcher(s.plain()).find();
    }

    /** Asked of somebody who says no at once, and does not come round in the same breath. */
    private static boolean isRefused(Sentence s, Talk talk) {
        if (!s.isQuestion() || Replies.asksForObjections(s)) {
            return false;
        }
        List<Integer> replies = talk.replies(s.utterance(), 1);
        return !replies.isEmpty()
                && Replies.refuses(talk.of(replies.getFirst()))
                && talk.of(replies.getFirst()).stream().noneMatch(r -> ActionCues.PROMISE.matches(r.plain()));
    }
}
