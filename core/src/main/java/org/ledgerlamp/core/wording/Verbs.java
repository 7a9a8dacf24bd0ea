package org.ledgerlamp.core.wording;

import java.util.Map;
import java.util.Set;
import org.ledgerlamp.core.language.TaggedWord;

/** Makes a verb agree with a subject of the third person. */
final class Verbs {
    private static final Map<String, String> IRREGULAR = Map.ofEntries(
            Map.entry("am", "is"),
            Map.entry("are", "is"),
            Map.entry("be", "is"),
            Map.entry("were", "was"),
            Map.entry("weren't", "was not"),
            Map.entry("aren't", "is not"),
            Map.entry("have", "has"),
            Map.entry("haven't", "has not"),
            Map.entry("do", "does"),
            Map.entry("don't", "does not"),
            Map.entry("go", "goes"));
    private static final Set<String> UNCHANGED = Set.of(
            """
            can can't cannot could couldn't will won't would wouldn't shall shan't should shouldn't may might must mustn't
            was wasn't had hadn't did didn't ought put cut set hit let read shut cost hurt quit spread split bet cast used
            """
                    .strip()
                    .split("\\s+"));

    private Verbs() {}

    /** The form behind "she": "needs" for "need"; a past tense stays. */
    static String thirdPerson(TaggedWord verb) {
        String word = verb.lower();
        if (IRREGULAR.containsKey(word)) {
            return IRREGULAR.get(word);
        }
        if (UNCHANGED.contains(word)
                || !verb.is("VERB", "AUX")
                || !word.equals(verb.lemma())
                || word.matches(".*[^e]ed")) {
            return verb.text();
        }
        return withS(verb.text());
    }

    private static String withS(String verb) {
        if (verb.matches(".*[^aeiou]y")) {
            return verb.substring(0, verb.length() - 1) + "ies";
        }
        return verb + (verb.matches(".*(?:s|x|z|ch|sh|o)") ? "es" : "s");
    }

    /** Whether {@code word} stands before any person's verb unchanged. */
    static boolean isModal(TaggedWord word) {
        return UNCHANGED.contains(word.lower()) && word.tag().startsWith("AUX");
    }

    /** What is written for the ending of "she'll", "she's" and so on before {@code next}; they take the plural. */
    static String auxiliary(String ending, TaggedWord next, boolean plural) {
        return switch (ending) {
            case "'ll" -> "will";
            case "'ve" -> plural ? "have" : "has";
            case "'m", "'re" -> plural ? "are" : "is";
            case "'d" -> isParticiple(next) || next != null && next.is("NUM", "DET") ? "had" : "would";
            case "'s" -> isParticiple(next) ? plural ? "have" : "has" : plural ? "are" : "is";
            default -> "";
        };
    }

    private static boolean isParticiple(TaggedWord next) {
        return next != null
                && (next.lower().equals("better")
                        || next.lower().equals("been")
                        || next.lower().equals("got")
                        || next.is("VERB")
                                && (next.lower().endsWith("ed")
                                        || next.lower().endsWith("en")
                                        || !next.lower().equals(next.lemma())
                                                && !next.lower().endsWith("ing")));
    }
}
