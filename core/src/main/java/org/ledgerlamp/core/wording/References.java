package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.wording.Referents.Pronoun;

/**
 * Fills the references of a clause: "I" and "you" become names, "we" the team, "she" the one named last, "it" what was
 * spoken of just before. Where one of them cannot be told the clause is given up as a whole.
 */
final class References {
    private static final Pattern PRONOUN = Pattern.compile(
            "(i|me|my|mine|myself|we|us|our|ours|ourselves|you|your|yours|yourself|he|she|him|her|his|hers|it|its|they|them|their|this|that|these|those)('(?:ll|d|m|re|ve|s))?");
    private static final Set<String> POINTING =
            Set.of("it", "its", "they", "them", "their", "this", "that", "these", "those");
    private static final Set<String> DEMONSTRATIVE = Set.of("this", "that", "these", "those");
    private static final Set<String> MANY = Set.of("they", "them", "their", "these", "those");
    private static final Set<String> BEFORE_INVERSION =
            Set.of("do", "am", "have", "are", "did", "should", "can", "could", "will", "would", "shall");

    private final Scene scene;
    private final Things things;
    private final Referents referents;
    private final String clause;
    private final List<TaggedWord> words;
    private final List<Mention> mentions;
    private final Set<Person> named = new HashSet<>();
    private final List<Change> changes = new ArrayList<>();
    private boolean weNamed;
    private boolean otherNamed;
    private final Set<Boolean> thingsNamed = new HashSet<>();

    private record Change(int start, int end, String written) {}

    private References(Scene scene, Person subject, String clause) {
        this.scene = scene;
        this.things = new Things(scene);
        this.referents = new Referents(scene);
        this.clause = clause;
        this.words = Tagger.shared().words(clause);
        this.mentions = scene.company().namedIn(clause);
        if (subject != null) {
            named.add(subject);
        }
    }

    /**
     * {@code clause} with every reference filled, or empty where one cannot be told.
     *
     * @param subject who the line has named already, or null
     */
    static Optional<String> filled(String clause, Scene scene, Person subject) {
        return new References(scene, subject, clause).filled();
    }

    private Optional<String> filled() {
        for (int i = 0; i < words.size(); i++) {
            TaggedWord w = words.get(i);
            int at = i;
            mentions.stream().filter(m -> m.start() == words.get(at).start()).forEach(m -> named.add(m.person()));
            Matcher m = PRONOUN.matcher(w.lower());
            if (m.matches() && !fill(i, m.group(1), m.group(2) == null ? "" : m.group(2))) {
                return Optional.empty();
            }
        }
        StringBuilder filled = new StringBuilder(clause);
        for (Change change : changes.reversed()) {
            filled.replace(change.start(), change.end(), change.written());
        }
        return Optional.of(filled.toString().replaceAll("\\s{2,}", " ").strip());
    }

    private boolean fill(int i, String pronoun, String ending) {
        return switch (pronoun) {
            case "i", "me", "my", "mine", "myself" -> person(i, pronoun, ending, scene.speaker());
            case "you", "your", "yours", "yourself" -> person(i, pronoun, ending, scene.addressee());
            case "we", "us", "our", "ours", "ourselves" -> team(i, pronoun, ending);
            case "he", "she", "him", "her", "his", "hers" -> other(i, pronoun, ending);
            default -> thing(i, pronoun, ending);
        };
    }

    private boolean person(int i, String pronoun, String ending, Person person) {
        if (person == null) {
            return false;
        }
        boolean again = !named.add(person);
        switch (pronoun) {
            case "myself", "yourself" -> write(i, again ? "" : person.name());
            case "my", "your" -> write(i, again ? "their" : possessive(person.name()));
            case "mine", "yours" -> write(i, again ? "theirs" : possessive(person.name()));
            case "me" -> write(i, again ? "them" : person.name());
            default -> subject(i, again ? null : person.name(), ending, pronoun.equals("you") && !isSubject(words, i));
        }
        return true;
    }

    /** Writes a name, or "they" where null, as what the clause is about, and makes the verb agree. */
    private void subject(int i, String name, String ending, boolean object) {
        boolean plural = name == null;
        String word = plural ? object ? "them" : "they" : name;
        if (!ending.isEmpty()) {
            write(i, word + " " + Verbs.auxiliary(ending, next(i), plural));
            return;
        }
        write(i, word);
        if (object) {
            return;
        }
        int verb = verbBehind(words, i);
        boolean inverted = i > 0 && BEFORE_INVERSION.contains(words.get(i - 1).lower());
        int agreeing = inverted ? i - 1 : verb;
        if (agreeing >= 0 && (inverted || verb >= 0)) {
            TaggedWord v = words.get(agreeing);
            write(agreeing, plural ? plural(v) : Verbs.thirdPerson(v));
            if (!inverted
                    && !plural
                    && verb + 2 < words.size()
                    && !Verbs.isModal(v)
                    && words.get(verb + 1).lower().equals("and")
                    && words.get(verb + 2).is("VERB")) {
                write(verb + 2, Verbs.thirdPerson(words.get(verb + 2)));
            }
        }
    }

    private static String plural(TaggedWord verb) {
        return switch (verb.lower()) {
            case "am" -> "are";
            case "was" -> "were";
            default -> verb.text();
        };
    }

    private static boolean isSubject(List<TaggedWord> words, int i) {
        return verbBehind(words, i) >= 0 && (i == 0 || !words.get(i - 1).is("VERB", "ADP"));
    }

    /** The verb that belongs to the subject at {@code i}, or -1. */
    private static int verbBehind(List<TaggedWord> words, int i) {
        for (int j = i + 1; j < Math.min(words.size(), i + 4); j++) {
            TaggedWord w = words.get(j);
            if (w.tag().startsWith("VERB") || w.tag().startsWith("AUX")) {
                return j;
            }
            if (!w.is("ADV", "PART")) {
                return -1;
            }
        }
        return -1;
    }

    private boolean team(int i, String pronoun, String ending) {
        Optional<String> we = scene.company().we();
        if (we.isEmpty()) {
            return false;
        }
        boolean again = weNamed;
        weNamed = true;
        switch (pronoun) {
            case "our" -> write(i, again ? "their" : possessive(we.get()));
            case "ours" -> write(i, again ? "theirs" : possessive(we.get()));
            case "ourselves" -> write(i, "");
            case "us" -> write(i, again ? "them" : we.get());
            default -> {
                String word = again ? "they" : we.get();
                write(i, ending.isEmpty() ? word : word + " " + Verbs.auxiliary(ending, next(i), true));
                int verb = verbBehind(words, i);
                if (ending.isEmpty() && verb >= 0) {
                    write(verb, plural(words.get(verb)));
                }
            }
        }
        return true;
    }

    /** Somebody spoken of: named in the clause already, or the one named last before it. */
    private boolean other(int i, String pronoun, String ending) {
        boolean here = mentions.stream().anyMatch(m -> m.start() < words.get(i).start());
        if (here || otherNamed || isOfAPersonHere(i)) {
            return true;
        }
        Optional<String> last = things.personNamedLast();
        if (last.isEmpty()) {
            return false;
        }
        if (named.stream().anyMatch(p -> p.name().equals(last.get())) || clause.contains(last.get())) {
            return true;
        }
        String name = last.get();
        otherNamed = true;
        boolean owned = pronoun.equals("his")
                || pronoun.equals("hers")
                || pronoun.equals("her")
                        && i + 1 < words.size()
                        && words.get(i + 1).is("NOUN", "ADJ", "PROPN", "NUM")
                        && !Things.isTime(words.get(i + 1));
        write(
                i,
                owned
                        ? possessive(name)
                        : ending.isEmpty() ? name : name + " " + Verbs.auxiliary(ending, next(i), false));
        return true;
    }

    /** "The man said he would": a person without a name stands in the clause. */
    private boolean isOfAPersonHere(int i) {
        return words.subList(0, i).stream().anyMatch(w -> w.is("PROPN") || Things.isPerson(w));
    }

    private boolean thing(int i, String pronoun, String ending) {
        boolean many = MANY.contains(pronoun);
        Optional<Pronoun> thing = thing(words, i);
        if (thing.isEmpty() || thingsNamed.contains(many) || isNamedBefore(i, many)) {
            return true;
        }
        boolean owning = pronoun.equals("their") || pronoun.equals("its");
        return referents
                .pointedAt(thing.get())
                .map(t -> written(
                        i,
                        owning
                                ? possessive(t)
                                : ending.isEmpty() ? t : t + " " + Verbs.auxiliary(ending, next(i), many)))
                .orElse(false);
    }

    /** The pronoun at {@code i} as far as it stands for a thing. */
    static Optional<Pronoun> thing(List<TaggedWord> words, int i) {
        Matcher m = PRONOUN.matcher(words.get(i).lower());
        if (!m.matches() || !POINTING.contains(m.group(1))) {
            return Optional.empty();
        }
        String word = m.group(1);
        if (DEMONSTRATIVE.contains(word) && (isBeforeAThing(words, i) || isRelative(words, i))) {
            return Optional.empty();
        }
        boolean subject = m.group(2) != null || isSubject(words, i);
        int verb = subject ? verbBehind(words, i) : -1;
        return Optional.of(new Pronoun(
                word,
                MANY.contains(word),
                subject,
                verb >= 0 ? words.get(verb).lemma() : Referents.verbBefore(words, i)));
    }

    /** A number with the thing it counts. */
    private static boolean isCounted(List<TaggedWord> words, int i) {
        return words.get(i).is("NUM")
                && i + 1 < words.size()
                && words.get(i + 1).is("NOUN", "ADJ");
    }

    /** "that plate", "those two plates": not alone. */
    private static boolean isBeforeAThing(List<TaggedWord> words, int i) {
        return i + 1 < words.size()
                && !words.get(i).tag().contains("+")
                && (words.get(i + 1).isNoun() || words.get(i + 1).is("ADJ", "DET") || isCounted(words, i + 1));
    }

    private boolean written(int i, String text) {
        thingsNamed.add(MANY.contains(words.get(i).lower().replaceAll("'.*", "")));
        write(i, text);
        return true;
    }

    /** "The one that broke": said of the word before. */
    private static boolean isRelative(List<TaggedWord> words, int i) {
        return i > 0
                && (words.get(i - 1).isNoun() || words.get(i - 1).is("PRON", "NUM", "ADJ", "VERB", "ADV"))
                && i + 1 < words.size()
                && !words.get(i + 1).is("PUNCT", "ADP", "CCONJ", "PART");
    }

    private boolean isNamedBefore(int i, boolean many) {
        return words.subList(0, i).stream()
                .anyMatch(w -> w.is("NOUN") && !Things.isTime(w)
                        || w.is("PROPN")
                                && !many
                                && !Things.isTime(w)
                                && mentions.stream().noneMatch(m -> covers(m, w)));
    }

    private static boolean covers(Mention m, TaggedWord w) {
        return m.start() <= w.start() && w.end() <= m.end();
    }

    private TaggedWord next(int i) {
        int at = i + 1;
        while (at < words.size() && words.get(at).is("ADV", "PART")) {
            at++;
        }
        return at < words.size() ? words.get(at) : null;
    }

    private void write(int i, String written) {
        TaggedWord w = words.get(i);
        changes.removeIf(c -> c.start() == w.start());
        changes.add(new Change(w.start(), w.end(), written));
        changes.sort(java.util.Comparator.comparingInt(Change::start));
    }

    private static String possessive(String name) {
        return name.endsWith("s") && name.startsWith("the ") ? name + "'" : name + "'s";
    }
}
