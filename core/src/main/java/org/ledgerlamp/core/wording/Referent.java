package org.ledgerlamp.core.wording;

import java.util.List;
import org.ledgerlamp.core.language.NounPhrase;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;

/**
 * Something that a sentence names, as what another sentence may be about.
 *
 * @param phrase the words that name it
 * @param sentence the sentence they stand in
 * @param words the words of that sentence
 * @param speaker who said it, or null
 * @param away how many sentences before the other one; 0 for the same, below 0 behind it
 * @param turns how many turns before the other one; 0 for the same
 */
record Referent(NounPhrase phrase, String sentence, List<TaggedWord> words, Person speaker, int away, int turns) {
    /** What it is called without an article. */
    String bare() {
        return phrase.bare(sentence);
    }

    /** What it is called within another sentence: a name as it is, anything else with an article. */
    String named() {
        boolean name = phrase.isProper() && !phrase.isDetermined();
        return name ? bare() : "the " + bare();
    }

    /** By which the same thing is known when it is named again. */
    String key() {
        return Words.stem(phrase.head().lower());
    }

    boolean isAsked() {
        return sentence.strip().endsWith("?");
    }

    /** "The form is on your desk": said to whoever speaks next, or to them by name. */
    boolean isSaidTo(Person next) {
        return words.stream().anyMatch(w -> w.lower().startsWith("you"))
                || next != null && words.stream().anyMatch(w -> w.text().equals(next.firstName()));
    }

    boolean isFirst() {
        return first() == 0;
    }

    boolean isLast() {
        return words.subList(words.indexOf(phrase.head()) + 1, words.size()).stream()
                .noneMatch(w -> w.is("NOUN", "PROPN", "VERB"));
    }

    /** "On the desk": what only says where, when or with what. */
    boolean isGoverned() {
        return first() > 0 && words.get(first() - 1).is("ADP");
    }

    /** "No link": named as what there is not. */
    boolean isDenied() {
        return phrase.words().getFirst().lower().equals("no");
    }

    /** "The form and the permit": named in one breath with another. */
    boolean isOneOfSeveral() {
        int before = first() - 1;
        int behind = words.indexOf(phrase.head()) + 1;
        return before > 0
                        && words.get(before).is("CCONJ")
                        && words.get(before - 1).isNoun()
                || behind + 1 < words.size()
                        && words.get(behind).is("CCONJ")
                        && words.get(behind + 1).is("DET", "NOUN", "PROPN", "ADJ", "NUM");
    }

    /** Whether the sentence says something of it. */
    boolean isSubject() {
        int verb = firstVerb();
        return verb >= 0 && first() < verb && !isGoverned();
    }

    /** The dictionary form of the verb whose object it is; empty where it is none. */
    String verb() {
        return isSubject() || isGoverned() ? "" : Referents.verbBefore(words, first());
    }

    private int first() {
        return words.indexOf(phrase.words().getFirst());
    }

    private int firstVerb() {
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).tag().startsWith("VERB") || words.get(i).tag().startsWith("AUX")) {
                return i;
            }
        }
        return -1;
    }
}
