package org.ledgerlamp.core.ledger;

import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * What a line is about: the stems of its own words, and those of what was said around it, which often name what the line
 * only points at ("I'll put it in").
 *
 * @param own stems of the line and of the words it rests on
 * @param around other stems said near it, each with how near it was said, between 0 and 1
 */
public record Subject(Set<String> own, Map<String, Double> around) {
    /** How far around a line its subject is looked for, and how much what is said there tells. */
    enum Reach {
        /** A promise follows upon what it is about. */
        DEED(0.25, 0.4, 0.6, 0.8, 0.4),
        /** What was settled is told by the words just before it. */
        SETTLED(0.5, 0.5, 0.5, 0.5, 0.5, 0.8, 0.5),
        /** What is weighed before it is settled anew speaks of how it stood. */
        WEIGHED(0.2, 0.24, 0.32, 0.4, 0.48, 0.56, 0.64, 0.72, 0.9, 0.5);

        /** From some passages before the line's own to the one after it. */
        private final double[] nearness;

        Reach(double... nearness) {
            this.nearness = nearness;
        }

        /** The first passage, counted from the line's own. */
        private int first() {
            return 2 - nearness.length;
        }
    }

    public Subject {
        // In one order in every run: what is summed up in another differs in its last digits.
        own = Collections.unmodifiableSet(new TreeSet<>(own));
        around = Collections.unmodifiableMap(new TreeMap<>(around));
    }

    /** What an action of a meeting is about. */
    public static Subject of(FiledLine line, FiledMeeting meeting) {
        return of(line, meeting, Reach.DEED);
    }

    static Subject of(FiledLine line, FiledMeeting meeting, Reach reach) {
        Set<String> names = meeting.nameStems();
        Set<String> own = Stems.of(line.text() + " " + line.quote());
        own.removeAll(names);
        Map<String, Double> around = new HashMap<>();
        for (int d = 0; d < reach.nearness.length && line.passage() >= 0; d++) {
            int n = line.passage() + reach.first() + d;
            if (n >= 0 && n < meeting.talk().size()) {
                for (String stem : Stems.of(meeting.talk().get(n).text())) {
                    around.merge(stem, reach.nearness[d], Math::max);
                }
            }
        }
        around.keySet().removeAll(names);
        around.keySet().removeAll(own);
        return new Subject(own, around);
    }

    /** How much a stem belongs to the subject: 1 where it is the line's own, 0 where it is not said near it. */
    double share(String stem) {
        return own.contains(stem) ? 1 : around.getOrDefault(stem, 0.0);
    }

    Stream<String> stems() {
        return Stream.concat(own.stream(), around.keySet().stream());
    }
}
