package org.ledgerlamp.core.ledger;

import java.util.List;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.source.Source;

/**
 * A passage of a filed source.
 *
 * @param n its number within the source, counted from 0 without gaps
 * @param speaker full name of who said it; where nobody is known by the name, as the source writes it; or null
 * @param text the words
 */
public record Said(int n, String speaker, String text) {
    /** The passages of a source, said by whom the roster knows under a speaker's name. */
    public static List<Said> in(Source source, Roster roster) {
        return source.utterances().stream()
                .map(u -> new Said(u.n(), known(roster, u.speaker()), u.text()))
                .toList();
    }

    private static String known(Roster roster, String speaker) {
        return speaker == null
                ? null
                : roster.resolve(speaker).map(Person::name).orElse(speaker);
    }
}
