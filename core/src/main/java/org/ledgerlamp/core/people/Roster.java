package org.ledgerlamp.core.people;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** The people who may be meant in a meeting. A name that two of them share means neither on its own. */
public final class Roster {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern SEPARATORS = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final int SHORTEST_NAME_HEARD_NEARLY = 5;

    private final List<Person> people;
    private final Map<String, Set<Person>> byName = new LinkedHashMap<>();

    public Roster(List<Person> people) {
        this.people = List.copyOf(people);
        for (Person person : people) {
            add(person.name(), person);
            add(person.firstName(), person);
            add(person.lastName(), person);
            add(person.initials(), person);
            person.aliases().forEach(alias -> add(alias, person));
            if (person.email() != null && person.email().indexOf('@') > 0) {
                add(person.email().substring(0, person.email().indexOf('@')), person);
            }
        }
    }

    private void add(String name, Person person) {
        String key = key(name);
        if (key.length() > 1) {
            byName.computeIfAbsent(key, k -> new LinkedHashSet<>()).add(person);
        }
    }

    public List<Person> people() {
        return people;
    }

    /**
     * Everybody a heard name may mean: by full name, first or last name, alias, initials or mail address; failing
     * these, by a first or full name that differs in one letter, as automatic transcription writes it.
     */
    public List<Person> candidates(String heard) {
        String key = key(heard);
        if (key.isEmpty()) {
            return List.of();
        }
        for (Person person : people) {
            if (key(person.name()).equals(key)) {
                return List.of(person);
            }
        }
        Set<Person> exact = byName.get(key);
        return exact != null ? List.copyOf(exact) : nearly(key);
    }

    /** The one person a heard name means, or empty where none or several may be meant. */
    public Optional<Person> resolve(String heard) {
        List<Person> candidates = candidates(heard);
        return candidates.size() == 1 ? Optional.of(candidates.getFirst()) : Optional.empty();
    }

    /** The one person who holds a role, as "the timetabler" or "the HR officer" would be heard. */
    public Optional<Person> byRole(String role) {
        String key = key(role);
        List<Person> holders = people.stream()
                .filter(p -> p.role() != null && key(p.role()).equals(key))
                .toList();
        return holders.size() == 1 ? Optional.of(holders.getFirst()) : Optional.empty();
    }

    private List<Person> nearly(String key) {
        if (key.length() < SHORTEST_NAME_HEARD_NEARLY) {
            return List.of();
        }
        List<Person> near = new ArrayList<>();
        byName.forEach((name, persons) -> {
            if (name.length() >= SHORTEST_NAME_HEARD_NEARLY && differByOneLetter(name, key)) {
                persons.stream().filter(p -> !near.contains(p)).forEach(near::add);
            }
        });
        return near;
    }

    private static boolean differByOneLetter(String a, String b) {
        if (Math.abs(a.length() - b.length()) > 1 || a.charAt(0) != b.charAt(0)) {
            return false;
        }
        int i = 0;
        while (i < a.length() && i < b.length() && a.charAt(i) == b.charAt(i)) {
            i++;
        }
        String restA = a.substring(i);
        String restB = b.substring(i);
        return tail(restA, 1).equals(tail(restB, 1)) || tail(restA, 1).equals(restB) || restA.equals(tail(restB, 1));
    }

    private static String tail(String s, int from) {
        return s.length() < from ? "" : s.substring(from);
    }

    /** Case, accents and punctuation do not tell names apart. */
    static String key(String name) {
        String letters =
                MARKS.matcher(Normalizer.normalize(name, Normalizer.Form.NFD)).replaceAll("");
        return SEPARATORS
                .matcher(letters.toLowerCase(Locale.ROOT))
                .replaceAll(" ")
                .strip();
    }
}
