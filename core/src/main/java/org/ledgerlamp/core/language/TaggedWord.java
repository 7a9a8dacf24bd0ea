package org.ledgerlamp.core.language;

import java.util.Set;
import java.util.regex.Pattern;

/**
 * A word of a sentence with its part of speech.
 *
 * @param text as written
 * @param start first character in the sentence
 * @param end character after the last
 * @param tag part of speech by Universal Dependencies; a contraction has both, as in {@code PRON+AUX}
 */
public record TaggedWord(String text, int start, int end, String tag) {
    private static final Pattern WITH_A_VERB = Pattern.compile(
            "\\p{L}['’](?:ll|d|ve|re|m)$|^(?:i|you|he|she|it|we|they|who|that|there|what|this|here|(?:some|every|any|no)(?:body|one))['’]s$",
            Pattern.CASE_INSENSITIVE);
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

    /** Whether it names something and nothing else: "sparks'll" is more than a name, whatever its tag. */
    public boolean isNoun() {
        return NAMING.contains(tag) && !WITH_A_VERB.matcher(text).find();
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
