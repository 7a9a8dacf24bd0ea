package org.ledgerlamp.core.source;

/**
 * A part of a source that could not be read as it stands.
 *
 * @param place where, in words a person can follow: "line 12", "segment 3"
 * @param message what was found and what was expected
 */
public record Problem(String place, String message) {
    @Override
    public String toString() {
        return place + ": " + message;
    }
}
