package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Tells whether what was found carries an answer at all. A question for one fact needs a place that speaks of nearly all
 * of its subject; one that takes something as given ("why did we ...", "what became of ...") may name it in words of its
 * own. The shares were chosen on the questions of two labelled ledgers.
 */
final class Support {
    private static final Set<Aim> FOR_A_FACT =
            EnumSet.of(Aim.FIGURE, Aim.DECISION, Aim.SAYING, Aim.DAY, Aim.SPEAKER, Aim.ANYTHING);
    private static final double OF_A_FACT = 0.63;
    private static final double OF_WHAT_IS_GIVEN = 0.2;
    private static final int AMONG = 10;

    private Support() {}

    /** Whether one of the best places speaks of enough of the subject. */
    static boolean isEnough(Asked asked, List<Found> found) {
        double least = least(asked);
        return found.stream()
                .limit(AMONG)
                .anyMatch(f -> f.covered() >= least && hasTheForm(asked, f) && isOfThePeriod(asked, f));
    }

    /** The share of its subject that a place has to speak of. */
    static double least(Asked asked) {
        return FOR_A_FACT.contains(asked.wanted().aim()) ? OF_A_FACT : OF_WHAT_IS_GIVEN;
    }

    /** Where nothing but days tell what is asked for, a place is of these days, or names one of them. */
    private static boolean isOfThePeriod(Asked asked, Found found) {
        Period period = asked.wanted().period();
        LocalDate day = found.meeting().filed().date();
        return period == null
                || !asked.sought().terms().isEmpty()
                || period.holds(day)
                || Days.saysOneOf(period, found.sentence().text(), day);
    }

    /** Where a figure is asked for, one is said beside it. */
    private static boolean hasTheForm(Asked asked, Found found) {
        return asked.wanted().aim() != Aim.FIGURE || Figures.areBeside(found, Figures.wanted(asked.question()));
    }
}
