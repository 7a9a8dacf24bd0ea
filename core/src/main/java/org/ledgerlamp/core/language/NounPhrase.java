package org.ledgerlamp.core.language;

import java.util.List;
import java.util.Set;

/**
 * Words that name one thing, as "the second berth".
 *
 * @param words its words in order, an article or the like first where it has one
 */
public record NounPhrase(List<TaggedWord> words) {
    private static final Set<String> DEFINITE =
            Set.of("the", "this", "that", "these", "those", "my", "your", "his", "her", "its", "our", "their", "both");

    public NounPhrase {
        words = List.copyOf(words);
    }

    /** The word that says what kind of thing it is: the last. */
    public TaggedWord head() {
        return words.getLast();
    }

    /** Whether it begins with an article, a demonstrative or a possessive. */
    public boolean isDetermined() {
        return words.getFirst().is("DET", "PRON");
    }

    /** Whether it names one certain thing: "the support sheet", "our licence", "those keys". */
    public boolean isDefinite() {
        return isDetermined() && DEFINITE.contains(words.getFirst().lower());
    }

    /** Whether it is a name. */
    public boolean isProper() {
        return head().is("PROPN");
    }

    /** Whether it names several things. */
    public boolean isPlural() {
        String word = head().lower();
        return head().is("NOUN") && word.endsWith("s") && !word.endsWith("ss") && !word.equals(head().lemma());
    }

    /** The words without an article or the like, as written in {@code sentence}. */
    public String bare(String sentence) {
        int first = isDetermined() && words.size() > 1 ? 1 : 0;
        return sentence.substring(words.get(first).start(), head().end());
    }

    /** First character in the sentence. */
    public int start() {
        return words.getFirst().start();
    }

    /** Character after the last. */
    public int end() {
        return head().end();
    }
}
