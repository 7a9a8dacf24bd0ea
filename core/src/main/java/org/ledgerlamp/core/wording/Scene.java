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
    private static final int SENTENCES_BEFORE = 8;
    private static final int SENTENCES_BEHIND = 2;

    Scene {
        before = List.copyOf(before);
    }

    /** The talk around the sentence {@code index} of {@code said}; below 0 there is none. */
    static Scene at(List<Said> said, int index, Person speaker, Person addressee, Company company) {
        List<Said> before = said.subList(Math.max(0, index - SENTENCES_BEFORE), Math.max(0, index))
                .reversed();
        boolean goesOn = !before.isEmpty()
                && before.getFirst().utterance() == said.get(index).utterance();
        return new Scene(speaker, addressee, "", before, goesOn, company);
    }

    /** The sentences shortly behind one. */
    static List<Said> behind(List<Said> said, int index) {
        int from = Math.min(said.size(), index + 1);
        return said.subList(from, Math.min(said.size(), from + SENTENCES_BEHIND));
    }

    /** The same, behind other words of the same sentence. */
    Scene after(String words) {
        return new Scene(speaker, addressee, words.strip(), before, goesOn, company);
    }
}
