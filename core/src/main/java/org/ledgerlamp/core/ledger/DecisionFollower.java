package org.ledgerlamp.core.ledger;

import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.ledgerlamp.core.ledger.DecisionLink.Effect;
import org.ledgerlamp.core.reading.Kind;

/**
 * Finds the earlier decision that a new one changes, withdraws or confirms: the one whose telling words, numbers and days
 * among them, come up while the new one is weighed. How alike two subjects are is held against how much is said of each, so
 * that a long debate is not like everything.
 */
public final class DecisionFollower {
    /** From this strength on two decisions are taken to be linked. Chosen on the labelled ledgers, see docs/quality.md. */
    public static final double LEAST = 8;
    /** From this strength on it is as good as certain. */
    public static final double CERTAIN = 16;

    private static final double MOST_OF_A_WORD = 4;
    private static final int IN_FULL = 4;
    private static final double SHORT_SUBJECT = 20;
    private static final double LONG_SUBJECT = 40;
    private static final double OF_THE_SAME_SERIES = 1.6;
    private static final double WITHOUT_CUE = 0.7;
    private static final double LOST_WITH_TIME = 0.15;
    private static final double DAYS_UNTIL_FAINT = 110;
    private static final double OF_ANY_CERTAINTY = 0.6;

    private static final Pattern TURNS = phrases(
            """
            (?:and |,? ?but )?not (?:the|till|until|\\w+)|no longer|instead|in place of|rather than|after all|drop(?:s|ped|ping)?
            |cancel(?:led|s)?|scrap(?:ped)?|goes|gone|stays?|any ?more|change(?:d|s)?|forget|withdraw(?:n)?|leave|out it comes
            |back to|postpone\\w*|not again|starts? again|replac\\w+|swap\\w*|up to|down to|lift\\w*|extend\\w*|let it go|then""");
    private static final Pattern WITHDRAWS = phrases(
            """
            drop(?:s|ped|ping)?|cancel(?:led|s)?|scrap(?:ped)?|forget (?:it|about|the)|withdraw(?:n)?|out it comes|let it go
            |called off|call (?:it|that|the \\w+) off|not (?:doing|going ahead|buying|selling)|no longer|not any ?more""");
    private static final Pattern CONFIRMS = phrases(
            """
            as (?:we|was) (?:said|agreed|decided)|(?:we )?(?:hold|stick|keep) (?:to|with) (?:it|that|the)|stands|confirm(?:ed|s)?
            |no change|stays as it is|leave it as it is|same as (?:before|we said)|still on""");

    private final Vocabulary vocabulary;

    public DecisionFollower(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    private static Pattern phrases(String any) {
        return Phrases.any("(?<![\\p{L}'])", any, "(?![\\p{L}'])");
    }

    /** For each decision of {@code meeting} the one of {@code earlier} it bears on, where there is one. */
    public List<DecisionLink> in(FiledMeeting meeting, List<StandingDecision> earlier) {
        return meeting.lines().stream()
                .filter(line -> line.kind() == Kind.DECISION)
                .flatMap(line -> link(line, meeting, earlier).stream())
                .toList();
    }

    private Optional<DecisionLink> link(FiledLine line, FiledMeeting meeting, List<StandingDecision> earlier) {
        Subject weighed = Subject.of(line, meeting, Subject.Reach.WEIGHED);
        String words = (line.text() + " " + line.quote()).replace('’', '\'');
        double own = damping(LONG_SUBJECT, said(weighed))
                * (OF_ANY_CERTAINTY + line.certainty())
                * (TURNS.matcher(words).find() ? 1 : WITHOUT_CUE);
        return earlier.stream()
                .map(e -> new DecisionLink(e, line, meeting.id(), effect(words), own * strength(weighed, e, meeting)))
                .filter(link -> link.strength() >= LEAST)
                .max(Comparator.comparingDouble(DecisionLink::strength)
                        .thenComparing(link -> link.earlier().line().id()));
    }

    private static Effect effect(String words) {
        if (CONFIRMS.matcher(words).find()) {
            return Effect.CONFIRMS;
        }
        return WITHDRAWS.matcher(words).find() ? Effect.WITHDRAWS : Effect.CHANGES;
    }

    private double strength(Subject weighed, StandingDecision earlier, FiledMeeting meeting) {
        double[] shared = weighed.stems()
                .filter(stem -> earlier.subject().share(stem) > 0)
                .mapToDouble(stem -> Math.min(
                        MOST_OF_A_WORD,
                        weighed.share(stem) * earlier.subject().share(stem) * vocabulary.weightOfDecided(stem)))
                .sorted()
                .toArray();
        double sum = 0;
        for (int i = 0; i < shared.length; i++) {
            sum += shared[shared.length - 1 - i] * (i < IN_FULL ? 1 : 0.5);
        }
        double days = ChronoUnit.DAYS.between(earlier.taken(), meeting.date());
        boolean sameSeries = meeting.series() != null && meeting.series().equals(earlier.series());
        return sum
                * damping(SHORT_SUBJECT, said(earlier.subject()))
                * (OF_ANY_CERTAINTY + earlier.line().certainty())
                * (sameSeries ? OF_THE_SAME_SERIES : 1)
                * (1 - LOST_WITH_TIME * Math.clamp(days / DAYS_UNTIL_FAINT, 0, 1));
    }

    /** How much a subject says in all. */
    private double said(Subject subject) {
        return subject.stems()
                .mapToDouble(stem -> Math.min(MOST_OF_A_WORD, subject.share(stem) * vocabulary.weightOfDecided(stem)))
                .sum();
    }

    /** Below 1 for a subject that says more than twice what a short one does. */
    private static double damping(double little, double said) {
        return Math.sqrt(2 * little / Math.max(little, said));
    }
}
