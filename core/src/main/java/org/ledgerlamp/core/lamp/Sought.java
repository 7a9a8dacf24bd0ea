package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.ledger.Stems;
import org.ledgerlamp.core.people.Person;

/**
 * The subject of a question as it is looked for: terms that a place holds or does not, each with how much it tells.
 *
 * @param terms of the subject's words, and of the people it names
 * @param question the whole question, for what it means
 */
public record Sought(List<Term> terms, String question) {
    /**
     * One word or name.
     *
     * @param stems any of them will do
     * @param weight how much it tells, above 0
     * @param person full name where it is somebody, or null
     * @param word as asked
     */
    public record Term(Set<String> stems, double weight, String person, String word) {
        /** Whether any of its stems is among those of a text. */
        boolean isIn(Set<String> text) {
            return stems.stream().anyMatch(text::contains);
        }
    }

    private static final double OF_A_NAME = 4;
    private static final double LEAST = 0.3;

    /** @param words the ledger's words: how much each tells, and what was meant by one it does not hold */
    static Sought of(String question, Wanted wanted, LedgerWords words) {
        List<Term> terms = new ArrayList<>();
        for (String token : Words.tokens(wanted.about())) {
            for (String part : token.split("-")) {
                if (part.length() > 1 && !Words.isEmptyWord(part)) {
                    String meant = words.meant(Stems.ofWord(part));
                    boolean known = terms.stream().anyMatch(t -> t.stems().contains(meant));
                    if (!known) {
                        Set<String> family = words.family(meant);
                        double weight =
                                family.stream().mapToDouble(words::weight).min().orElse(LEAST);
                        terms.add(new Term(family, Math.max(LEAST, weight), null, part));
                    }
                }
            }
        }
        for (Person person : wanted.people()) {
            Set<String> names = new LinkedHashSet<>(Stems.of(person.firstName()));
            person.aliases().forEach(alias -> names.addAll(Stems.of(alias)));
            names.addAll(Stems.of(person.lastName()));
            terms.add(new Term(names, OF_A_NAME, person.name(), person.firstName()));
        }
        return new Sought(terms, whole(question, wanted.about()));
    }

    /** A question with its subject, where it does not name it itself. */
    private static String whole(String question, String about) {
        Set<String> said = Stems.of(question);
        return said.containsAll(Stems.of(about)) ? question : question + " " + about;
    }

    /** What all terms tell together. */
    double weight() {
        return held(term -> 1);
    }

    /**
     * What the terms tell that a place holds.
     *
     * @param how well it holds a term, between 0 and 1
     */
    double held(ToDoubleFunction<Term> how) {
        double held = 0;
        for (Term term : terms) {
            held += term.weight() * how.applyAsDouble(term);
        }
        return held;
    }

    /** The subject itself, without the people it names. */
    Sought withoutPeople() {
        return without(t -> t.person() != null);
    }

    /** What is left when some terms are not looked for. */
    Sought without(Predicate<Term> these) {
        return new Sought(terms.stream().filter(these.negate()).toList(), question);
    }
}
