package org.ledgerlamp.core.reading;

import java.time.Duration;

/**
 * A stretch of the talk about one thing.
 *
 * @param title in the speakers' own words, or the agenda item's
 * @param from number of the utterance that opens it
 * @param to number of its last utterance
 * @param at when it began, or null where the source has no times
 * @param agendaItem index of the agenda item it belongs to, or null
 */
public record Topic(String title, int from, int to, Duration at, Integer agendaItem) {
    /** The same stretch, to a later end. */
    Topic goingOnTo(int end) {
        return new Topic(title, from, end, at, agendaItem);
    }
}
