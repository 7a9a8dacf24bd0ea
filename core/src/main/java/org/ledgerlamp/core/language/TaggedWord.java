package org.ledgerlamp.core.language;

import java.util.Set;

/**
 * A word of a sentence with its part of speech.
 *
 * @param text as written
 * @param start first character in the sentence
 * @param end character after the last
 * @param tag part of speech by Universal Dependencies; a contraction has both, as in {@code PRON+AUX}
 */
public record TaggedWord(String text, int start, int end, String tag) {
    private static final Set<String> NAMING = Set.of("NOUN", "PROPN");

    /** Whether its part of speech is one of {@code tags}. */
    public boolean is(String... tags) {
        for (String t : tags) {
            if (tag.equals(t)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it names something. */
    public boolean isNoun() {
        return NAMING.contains(tag);
    }

    /** The form a dictionary lists it under, in small letters. */
    public String lemma() {
        return Tagger.shared().lemma(lower(), tag);
    }

    /** The word in small letters, with a plain apostrophe. */
    public String lower() {
        return text.toLowerCase(java.util.Locale.ROOT).replace('’', '\'');
    }
}
