package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.ledger.SaidFigure;

/** How a figure or a day moved: what each meeting said about it, in order of time. */
final class ThroughTime implements Composer {
    private static final int MOST = 5;
    private static final int AMONG = 200;

    @Override
    public List<Statement> compose(Asked asked) {
        if (!Support.isEnough(asked, asked.found())) {
            return List.of();
        }
        Set<SaidFigure.Kind> kinds = Figures.wanted(asked.question());
        Set<String> taken = new HashSet<>();
        List<Found> course = new ArrayList<>();
        for (Found found :
                asked.found().subList(0, Math.min(AMONG, asked.found().size()))) {
            if (Figures.areIn(found, kinds)
                    && Figures.isNear(asked, found)
                    && course.size() < MOST
                    && taken.add(found.meeting().id())) {
                course.add(found);
            }
        }
        course.sort(
                Comparator.comparing((Found f) -> f.meeting().filed().date()).reversed());
        return course.stream().map(f -> Quotes.saidOn(f, kinds)).toList();
    }
}
