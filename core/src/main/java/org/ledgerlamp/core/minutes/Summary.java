package org.ledgerlamp.core.minutes;

import java.util.List;
import org.ledgerlamp.core.reading.Evidence;

/**
 * A meeting in short, made from its lines alone.
 *
 * @param oneLine a single sentence
 * @param paragraph a few sentences; never blank
 * @param evidence what the lines it is made from rest on
 */
public record Summary(String oneLine, String paragraph, List<Evidence> evidence) {
    public Summary {
        evidence = List.copyOf(evidence);
    }
}
