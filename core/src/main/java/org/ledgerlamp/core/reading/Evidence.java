package org.ledgerlamp.core.reading;

import java.time.Duration;

/**
 * The words a line rests on.
 *
 * @param origin whether they stand in the transcript (or in notes that are the only source) or in notes beside it
 * @param utterance number of the utterance or note line
 * @param at when it was said, or null where the source has no times
 * @param speaker who said it as the source writes the name, or null
 * @param start first character within the utterance
 * @param end character after the last
 * @param quote the words, verbatim
 */
public record Evidence(Origin origin, int utterance, Duration at, String speaker, int start, int end, String quote) {
    /** Where evidence stands. */
    public enum Origin {
        TALK,
        NOTES
    }
}
