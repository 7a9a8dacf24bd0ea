package org.ledgerlamp.core.wording;

import java.util.function.ToDoubleBiFunction;
import java.util.function.ToDoubleFunction;
import org.ledgerlamp.core.language.SentenceVectors;
import org.ledgerlamp.core.wording.Referents.Look;

/**
 * What can be told of a thing that the talk names, as what a pronoun points to or what a sentence is about. Each trait
 * counts for the one and for the other by a weight that was learned from labelled meetings ({@link WeighedReferents}) and
 * rounded.
 */
enum ReferentTraits {
    ALWAYS(-1.5, -2.1, (look, r) -> 1),
    IN_THE_SENTENCE(0.8, 0, (look, r) -> on(r.away() == 0)),
    ONE_BEFORE(-0.1, 0.1, (look, r) -> on(r.away() == 1)),
    TWO_BEFORE(-0.3, 0.1, (look, r) -> on(r.away() == 2)),
    THREE_BEFORE(-0.3, 0.2, (look, r) -> on(r.away() == 3)),
    FIVE_BEFORE(0, 0.1, (look, r) -> on(r.away() == 4 || r.away() == 5)),
    BEHIND(0, -0.1, (look, r) -> on(r.away() < 0)),
    OTHERS_NEARER(-0.4, -0.3, (look, r) -> Math.log1p(look.nearer(r))),
    SAME_TURN(0.5, 0.5, (look, r) -> on(r.away() > 0 && r.turns() == 0)),
    TURN_BEFORE(0.3, 0.4, (look, r) -> on(r.turns() == 1 && r.away() > 0)),
    ASKED(0.4, 0.7, (look, r) -> on(r.isAsked())),
    ASKED_IN_THE_TURN_BEFORE(0.6, -0.3, (look, r) -> on(r.isAsked() && r.turns() == 1)),
    SAID_TO_THE_SPEAKER(0.2, 0, (look, r) -> on(r.turns() == 1 && r.isSaidTo(look.speaker()))),
    BY_THE_SAME(
            0.2, 0.4, (look, r) -> on(look.speaker() != null && look.speaker().equals(r.speaker()))),
    CERTAIN(0.4, 0.2, (look, r) -> on(r.phrase().isDefinite())),
    NAME(0.3, 0.4, (look, r) -> on(r.phrase().isProper())),
    UNCERTAIN(
            -0.1, -0.2, (look, r) -> on(r.phrase().isDetermined() && !r.phrase().isDefinite())),
    SUBJECT(-0.4, -0.1, (look, r) -> on(r.isSubject())),
    GOVERNED(-0.1, 0, (look, r) -> on(r.isGoverned())),
    OBJECT(0.7, 0.2, (look, r) -> on(!r.verb().isEmpty())),
    RARE(0.3, 0.4, (look, r) -> SentenceVectors.rarity(r.phrase().head().lower())),
    NAMED_AGAIN(1.5, 1.4, (look, r) -> Math.log(look.mentions(r))),
    MORE_THAN_A_WORD(
            0.3, 0.2, (look, r) -> on(r.phrase().words().size() > (r.phrase().isDetermined() ? 2 : 1))),
    PLURAL(0.3, 0, (look, r) -> on(r.phrase().isPlural())),
    FIRST(0.5, 0.4, (look, r) -> on(r.isFirst())),
    LAST(-0.3, -0.3, (look, r) -> on(r.isLast())),
    ALONE(0.2, 0, (look, r) -> on(look.isAlone(r))),
    SAME_VERB(
            0.2,
            0,
            (look, r) -> on(look.pronoun() != null
                    && !r.verb().isEmpty()
                    && look.pronoun().verb().equals(r.verb()))),
    BOTH_SUBJECT(
            0.1, 0, (look, r) -> on(look.pronoun() != null && look.pronoun().subject() && r.isSubject())),
    BOTH_OBJECT(
            -0.2,
            0,
            (look, r) -> on(look.pronoun() != null
                    && !look.pronoun().subject()
                    && !r.verb().isEmpty())),
    OF_A_SUBJECT(
            0.1, 0, (look, r) -> on(look.pronoun() != null && look.pronoun().subject())),
    OF_THAT(0.3, 0, (look, r) -> on(look.pronoun() != null && look.pronoun().isDemonstrative())),
    OF_THAT_JUST_BEFORE(
            0.1, 0, (look, r) -> on(look.pronoun() != null && look.pronoun().isDemonstrative() && r.away() == 1)),
    OF_MANY(0.3, 0, (look, r) -> on(look.pronoun() != null && look.pronoun().many()));

    private final double forPronouns;
    private final double forMatters;
    private final ToDoubleBiFunction<Look, Referent> trait;

    ReferentTraits(double forPronouns, double forMatters, ToDoubleBiFunction<Look, Referent> trait) {
        this.forPronouns = forPronouns;
        this.forMatters = forMatters;
        this.trait = trait;
    }

    /** The probability that the pronoun looked at points to {@code r}. */
    static double pointedAt(Look look, Referent r) {
        return probability(look, r, t -> t.forPronouns);
    }

    /** The probability that the sentence looked at is about {@code r}. */
    static double matter(Look look, Referent r) {
        return probability(look, r, t -> t.forMatters);
    }

    private static double probability(Look look, Referent r, ToDoubleFunction<ReferentTraits> weight) {
        double odds = 0;
        for (ReferentTraits t : values()) {
            odds += weight.applyAsDouble(t) * t.of(look, r);
        }
        return 1 / (1 + Math.exp(-odds));
    }

    double of(Look look, Referent r) {
        return trait.applyAsDouble(look, r);
    }

    private static double on(boolean holds) {
        return holds ? 1 : 0;
    }
}
