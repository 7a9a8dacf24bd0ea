package org.ledgerlamp.core.ledger;

import java.util.List;
import java.util.Optional;

/**
 * What became of an action in later meetings.
 *
 * @param meeting id of the meeting that recorded it
 * @param line the line that recorded it first
 * @param steps where it was spoken of again, in order
 */
public record Course(String meeting, FiledLine line, List<Step> steps) {
    /**
     * A step of an action's course.
     *
     * @param meeting id of the meeting that speaks of it
     * @param recall where and what it says
     */
    public record Step(String meeting, Recall recall) {}

    public Course {
        steps = List.copyOf(steps);
    }

    /**
     * What became of it; empty where it was never spoken of again. What ended stays so: later talk of something done is
     * talk, not work.
     */
    public Optional<Outcome> outcome() {
        Outcome outcome = null;
        for (Step step : steps) {
            if (outcome == null || !outcome.ends()) {
                outcome = step.recall().outcome();
            }
        }
        return Optional.ofNullable(outcome);
    }
}
