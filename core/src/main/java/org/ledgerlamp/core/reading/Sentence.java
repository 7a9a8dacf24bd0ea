package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.time.SpokenDate;

/**
 * A sentence of the talk with what is known of it.
 *
 * @param index number within the talk
 * @param utterance number of the utterance it stands in
 * @param start first character within the utterance
 * @param end character after the last
 * @param text the words as said
 * @param plain the words in lower case, apostrophes plain, fillers gone: what cues are matched against
 * @param speaker who said it, or null where unknown
 * @param mentions people named in it, offsets within {@code text}
 * @param dates dates said in it, offsets within {@code text}
 * @param content stems of the words that carry meaning
 */
record Sentence(
        int index,
        int utterance,
        int start,
        int end,
        String text,
        String plain,
        Person speaker,
        List<Mention> mentions,
        List<SpokenDate> dates,
        Set<String> content) {
    private static final Pattern POINTING =
            Pattern.compile("(?<![\\p{L}'])(?:it|that|this|them|those|these|one|ones|there)(?![\\p{L}])");

    private static final Pattern FIRST_PERSON =
            Pattern.compile("(?<![\\p{L}'])(?:i|i'(?:ll|m|ve|d)|me|my|mine)(?![\\p{L}'])");

    boolean isQuestion() {
        return text.endsWith("?");
    }

    /** Whether the sentence says next to nothing: it can settle something only by pointing back. */
    boolean isBare() {
        return content.size() < 2;
    }

    /** Whether somebody speaks of themselves: beside another's words that would be taken for the other. */
    boolean isInFirstPerson() {
        return FIRST_PERSON.matcher(plain).find();
    }

    /** Whether the sentence points at something said before instead of naming it. */
    boolean isThin() {
        return isBare() || content.size() < 3 && POINTING.matcher(plain).find();
    }
}
