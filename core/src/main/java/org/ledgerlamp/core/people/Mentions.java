package org.ledgerlamp.core.people;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the roster's people in running text, by every name that means one of them alone. */
public final class Mentions {
    /** Names that are everyday words as well are heard as names only where they are written with a capital. */
    private static final Set<String> EVERYDAY_WORDS = Set.of(
            "will", "may", "mark", "bill", "rose", "grace", "hope", "joy", "art", "rob", "sue", "pat", "frank", "dawn",
            "june", "april", "august", "chase", "grant", "miles", "penny", "sunny", "tone", "drew", "faith");

    private final Map<String, Person> byName = new HashMap<>();
    private final Pattern names;

    /** Names that several people bear mean none of them. */
    public Mentions(Roster roster) {
        this(roster, List.of());
    }

    /** @param likelier who is meant by a name that others bear as well, where only one of these does */
    public Mentions(Roster roster, List<Person> likelier) {
        List<String> spellings = new ArrayList<>();
        for (Person person : roster.people()) {
            List<String> calls = new ArrayList<>(List.of(person.name(), person.firstName(), person.lastName()));
            calls.addAll(person.aliases());
            if (person.initials().length() >= 2) {
                calls.add(person.initials());
            }
            for (String call : calls) {
                List<Person> candidates = roster.candidates(call);
                List<Person> likely =
                        candidates.stream().filter(likelier::contains).toList();
                boolean meant = candidates.size() == 1 ? candidates.contains(person) : likely.equals(List.of(person));
                if (call.length() > 1 && meant) {
                    byName.putIfAbsent(call.toLowerCase(Locale.ROOT), person);
                    spellings.add(call);
                }
            }
        }
        for (Person person : roster.people()) {
            if (person.role() != null && roster.byRole(person.role()).isPresent()) {
                String call = "the " + person.role();
                byName.putIfAbsent(call.toLowerCase(Locale.ROOT), person);
                spellings.add(call);
            }
        }
        spellings.sort(Comparator.comparingInt(String::length).reversed().thenComparing(Comparator.naturalOrder()));
        StringBuilder any = new StringBuilder();
        for (String spelling : spellings) {
            any.append(any.isEmpty() ? "" : "|").append(Pattern.quote(spelling));
        }
        names = any.isEmpty()
                ? null
                : Pattern.compile(
                        "(?<![\\p{L}\\p{N}@.])(?:" + any + ")(?![\\p{L}\\p{N}@])",
                        Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** The people named in {@code text}, in order. In a text without capitals every spelling counts. */
    public List<Mention> in(String text) {
        if (names == null) {
            return List.of();
        }
        List<Mention> found = new ArrayList<>();
        boolean uncased = text.equals(text.toLowerCase(Locale.ROOT));
        Matcher m = names.matcher(text);
        while (m.find()) {
            String word = m.group();
            Person person = byName.get(word.toLowerCase(Locale.ROOT));
            boolean capital = Character.isUpperCase(word.charAt(0));
            boolean initials = word.equalsIgnoreCase(person.initials());
            boolean role = word.toLowerCase(Locale.ROOT).startsWith("the ");
            boolean certain = role || (initials ? word.equals(person.initials()) : capital);
            boolean everyday = EVERYDAY_WORDS.contains(word.toLowerCase(Locale.ROOT));
            if (certain || (uncased && !everyday && !initials)) {
                found.add(new Mention(person, m.start(), m.end()));
            }
        }
        return found;
    }
}
