package org.ledgerlamp.core.reading;

import java.time.Duration;
import java.util.List;
import org.ledgerlamp.core.source.Source;

/**
 * All that reading a source yields.
 *
 * @param source what was read
 * @param findings drafted and possible ones alike, in order of speech
 * @param topics in order; together they cover the source
 * @param attendance who was there
 * @param length from start to last word, or null where the source has no times
 */
public record Reading(
        Source source, List<Finding> findings, List<Topic> topics, List<Presence> attendance, Duration length) {
    public Reading {
        findings = List.copyOf(findings);
        topics = List.copyOf(topics);
        attendance = List.copyOf(attendance);
    }

    /** The topic that utterance {@code n} belongs to. */
    public int topicOf(int n) {
        for (int i = topics.size() - 1; i >= 0; i--) {
            if (topics.get(i).from() <= n) {
                return i;
            }
        }
        return 0;
    }
}
