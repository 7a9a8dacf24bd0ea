package org.ledgerlamp.core.wording;

import java.util.List;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Said;

/**
 * The talk around a sentence, as far as its references may reach.
 *
 * @param speaker who says it, or null
 * @param addressee who it is said to, or null
 * @param begun the words of the same sentence before those looked at; may be empty
 * @param before the sentences just before it, the nearest first
 * @param goesOn whether the nearest stands in the same turn
 * @param company the people around the table
 */
record Scene(Person speaker, Person addressee, String begun, List<Said> before, boolean goesOn, Company company) {
    Scene {
        before = List.copyOf(before);
    }

    /** The same, behind other words of the same sentence. */
    Scene after(String words) {
        return new Scene(speaker, addressee, words.strip(), before, goesOn, company);
    }
}
