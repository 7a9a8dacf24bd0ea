package org.ledgerlamp.training;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.reading.FeaturedFinding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Weights;

/**
 * What is found in a labelled meeting by weights that had not seen its author, and which of it a label says.
 *
 * @param author who wrote the meeting
 * @param all the findings
 * @param right those that are some label's
 */
record JudgedFindings(String author, List<FeaturedFinding> all, Set<FeaturedFinding> right) {
    /** @param unseen weights that were learned without the author */
    static JudgedFindings of(Labelled meeting, Weights unseen) {
        List<FeaturedFinding> all = FeaturedFinding.of(meeting.source(), meeting.meeting(), meeting.context(), unseen);
        Set<FeaturedFinding> right = new HashSet<>();
        for (Kind kind : Kind.values()) {
            right.addAll(LabelMatch.matched(
                    Labelled.labels(meeting.labels(), kind),
                    all.stream().filter(f -> f.finding().kind() == kind).toList(),
                    f -> f.finding().words(),
                    f -> f.finding().evidence()));
        }
        return new JudgedFindings(meeting.author(), all, right);
    }
}
