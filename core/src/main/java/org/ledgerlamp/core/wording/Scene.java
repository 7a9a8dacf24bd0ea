package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.List;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Said;

/**
 * The talk around a sentence, as far as its references may reach.
 *
 * @param speaker who says it, or null
 * @param addressee who it is said to, or null
 * @param before the sentences just before it, the nearest first
 * @param goesOn whether the nearest stands in the same turn
 * @param company the people around the table
 */
record Scene(Person speaker, Person addressee, List<Said> before, boolean goesOn, Company company) {
    Scene {
        before = List.copyOf(before);
    }

    /** The same, behind other words of the same sentence; unchanged where these say nothing. */
    Scene after(String words) {
        if (words.isBlank()) {
            return this;
        }
        List<Said> all = new ArrayList<>(before);
        int utterance = before.isEmpty() ? 0 : before.getFirst().utterance();
        all.addFirst(new Said(utterance, 0, words.strip(), speaker));
        return new Scene(speaker, addressee, all, true, company);
    }
}
