package org.ledgerlamp.core.people;

import java.util.List;
import java.util.Objects;

/**
 * Somebody on the roster.
 *
 * @param name full name, unique within a roster
 * @param role what the person does, or null
 * @param email mail address, or null
 * @param aliases other names the person goes by
 */
public record Person(String name, String role, String email, List<String> aliases) {
    public Person {
        Objects.requireNonNull(name, "name");
        if (name.isBlank()) {
            throw new IllegalArgumentException("a person needs a name");
        }
        aliases = aliases == null ? List.of() : List.copyOf(aliases);
    }

    /** The first word of the name. */
    public String firstName() {
        int blank = name.indexOf(' ');
        return blank < 0 ? name : name.substring(0, blank);
    }

    /** The last word of the name. */
    public String lastName() {
        return name.substring(name.lastIndexOf(' ') + 1);
    }

    /** The first letters of the name's words: "Mira Voss" is MV. */
    public String initials() {
        StringBuilder letters = new StringBuilder();
        for (String word : name.split("[\\s-]+")) {
            if (!word.isEmpty()) {
                letters.append(Character.toUpperCase(word.charAt(0)));
            }
        }
        return letters.toString();
    }
}
