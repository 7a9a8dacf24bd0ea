package org.ledgerlamp.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Finds what a sentence names: a run of nouns with the adjectives and figures before them and an article or the like in
 * front (a chunker by parts of speech, after Ramshaw and Marcus 1995, with rules in place of learning).
 */
public final class NounPhrases {
    private static final Set<String> POSSESSIVE = Set.of("my", "your", "his", "her", "its", "our", "their");
    private static final Set<String> TIMES = Set.of(
            """
            today tomorrow yesterday tonight morning afternoon evening night day week month quarter year hour minute second
            moment time times monday tuesday wednesday thursday friday saturday sunday january february march april may
            june july august september october november december spring summer autumn fall winter weekend fortnight noon
            midday midnight lunchtime dinnertime o'clock minutes hours days weeks months years christmas easter half
            """
                    .strip()
                    .split("\\s+"));
    private static final Set<String> VAGUE = Set.of(
            """
            thing things bit bits lot lots way ways kind sort sorts one ones stuff point points question questions idea
            problem problems news reason case cases people person man woman lad lads guy guys folk folks side part parts
            rest end start something anything nothing everything somebody anybody nobody everybody someone anyone
            everyone couple number numbers place god sake hell heaven pity chance fact truth turn favour favor course
            rule word words matter matters business use worry luck life mind love all example instance mate boss sir
            madam ma'am none plenty most half other others same sense deal fine yes no okay minute line
            """
                    .strip()
                    .split("\\s+"));

    private static final Pattern NUMBER = Pattern.compile(
            "(?:\\p{L}+-)*(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\\p{L}+teen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety"
                    + "|hundred|thousand|million|grand|first|second|third|\\p{L}*(?:fourth|fifth|sixth|seventh|eighth|ninth|tenth|eleventh|twelfth|teenth|tieth)|dozen|quarter|half)s?|.*\\d.*");

    private NounPhrases() {}

    /** The noun phrases of a tagged sentence in order. */
    public static List<NounPhrase> in(List<TaggedWord> words) {
        List<NounPhrase> phrases = new ArrayList<>();
        int at = 0;
        while (at < words.size()) {
            int end = end(words, at);
            if (end > at) {
                phrases.add(new NounPhrase(words.subList(at, end)));
                at = end;
            } else {
                at++;
            }
        }
        return phrases;
    }

    /** One past the last word of the phrase that begins at {@code from}, or {@code from} where none does. */
    private static int end(List<TaggedWord> words, int from) {
        int at = from;
        if (isDeterminer(words.get(at))) {
            at++;
        }
        int lastNoun = -1;
        while (at < words.size()) {
            TaggedWord w = words.get(at);
            if (w.isNoun()) {
                lastNoun = at;
            } else if (!w.is("ADJ", "NUM") || lastNoun >= 0 && !w.is("NUM")) {
                break;
            }
            at++;
        }
        // "The swab's gone": a noun with "'s" and nothing of its own behind it is said to be something.
        boolean said = lastNoun >= 0
                && words.get(lastNoun).is("NOUN")
                && words.get(lastNoun).lower().endsWith("'s");
        return lastNoun < 0 || said ? from : lastNoun + 1;
    }

    private static boolean isDeterminer(TaggedWord w) {
        return w.is("DET") || w.is("PRON") && POSSESSIVE.contains(w.lower());
    }

    /** Whether a phrase names a time rather than a thing. */
    public static boolean isTime(NounPhrase phrase) {
        return TIMES.contains(phrase.head().lower())
                || TIMES.contains(phrase.head().lemma());
    }

    /** Whether a phrase ends with a number, which names nothing alone. */
    public static boolean isNumber(NounPhrase phrase) {
        return phrase.head().is("NUM") || NUMBER.matcher(phrase.head().lower()).matches();
    }

    /** Whether a phrase names something that could be anything. */
    public static boolean isVague(NounPhrase phrase) {
        return VAGUE.contains(phrase.head().lower()) || phrase.head().text().length() < 2;
    }
}
