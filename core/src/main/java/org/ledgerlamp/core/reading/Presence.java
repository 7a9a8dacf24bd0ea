package org.ledgerlamp.core.reading;

import java.time.Duration;

/**
 * Whether somebody was there, and how much of the talk was theirs.
 *
 * @param name full name, or the name heard where the roster has none
 * @param role the roster's, or null
 * @param attended whether the person was there
 * @param late whether the person came after the start, by what was said of it
 * @param words words spoken, 0 where unknown
 * @param share of all words spoken, 0 to 1
 * @param turns how often the person took the word, 0 where unknown
 * @param time spent speaking, or null where the source has no times
 */
public record Presence(
        String name, String role, Attended attended, boolean late, int words, double share, int turns, Duration time) {
    /** Whether the person is known to have been there. */
    public boolean present() {
        return attended == Attended.PRESENT;
    }

    /** Whether nobody knows if the person was there. */
    public boolean unknown() {
        return attended == Attended.UNKNOWN;
    }

    /** Whether the person is known not to have been there. */
    public boolean absent() {
        return attended == Attended.ABSENT;
    }
}
