package org.ledgerlamp.core.wording;

import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.language.Words;

/** Whether words can stand in minutes: a whole sentence that says something, of nobody who is not named. */
final class Sense {
    static final int MOST_WORDS = 30;
    private static final int FEWEST_WORDS = 4;
    private static final int FEWEST_CONTENT = 3;

    private static final Pattern PERSONAL = Pattern.compile(
            "(?<![\\p{L}'’])(?:I|me|my|mine|myself|we|us|our|ours|you|your|yours|let['’]s|gonna|gotta|wanna|dunno|ain['’]t|innit|yeah|aye|nah|um|uh|wi|wee|cannae|dinnae|wouldnae|isnae|tae|youse)(?:['’](?:ll|d|m|re|ve|s))?(?![\\p{L}'’-])",
            Pattern.CASE_INSENSITIVE);
    /** "We" of a quotation is the meeting; "I" and "you" are somebody in it. */
    private static final Pattern OF_ONE = Pattern.compile(
            "(?<![\\p{L}'’])(?:I|me|my|mine|myself|you|your|yours|youse|ye)(?:['’](?:ll|d|m|re|ve))?(?![\\p{L}'’-])",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern POINTING_FIRST = Pattern.compile(
            "^(?:it|that|this|they|them|those|these|he|she|him|her|so|and|but|well|okay|right|then|look|because|which|or|cos)(?:['’]\\p{L}+)?(?![\\p{L}])(?!\\s+(?:week|month|year|time|morning|afternoon|evening))",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> HANGING = Set.of(
            """
            it them that those this him her and or but with the to of if a an for from by at as than because so which who
            is are was were be been has have had will would can could should not very their his its my your our into onto
            about like when where while
            """
                    .strip()
                    .split("\\s+"));

    /** The short verb behind a word: "it's" hangs as "it" does. */
    private static final Pattern CLITIC = Pattern.compile("['’](?:s|ll|d|m|re|ve)$");

    /** Words that taggers take for a verb behind "to", and nobody is told to do. */
    private static final Set<String> NOTHING_TO_DO = Set.of("behind", "onto", "would", "could", "should");

    /** Opens a clause that says under which condition another holds, and not what holds. */
    private static final String CONDITION =
            "(?:if|unless|after|before|until|till|without|when|whenever|once|because|since|although|while|provided)";
    /** A condition up to the end, with nothing before it that it could be the condition of. */
    private static final Pattern CONDITION_AT_THE_END =
            Pattern.compile("(?:^|,? (?:and|but) )(?:not )?" + CONDITION + " ([^,]*)$", Pattern.CASE_INSENSITIVE);
    /** "Dig out the last offer, in": a word on which something was to follow, cut off by a stop. */
    private static final Pattern CUT_OFF = Pattern.compile("[,;] (?:in|on|at|up|out|off|over|under)$");

    private static final String[] NO_VERB = {"DET", "PRON", "ADP", "NUM", "PUNCT", "CCONJ", "SCONJ", "PROPN", "PART"};

    private Sense() {}

    /** Whether {@code text} can stand as a line. */
    static boolean isStatement(String text) {
        return isWhole(text) && hasVerb(text) && contentWords(text) >= FEWEST_CONTENT;
    }

    /** Whether {@code text}, behind an owner's name and "to", says what is to be done. */
    static boolean isDeed(String text) {
        List<TaggedWord> words = Tagger.shared().words("to " + text);
        int verb = words.size() > 2 && words.get(1).lower().equals("not") ? 2 : 1;
        return words.size() > 2
                && isVerb(words, verb)
                && (!words.get(verb).lower().equals("let") || letsDo(words, verb))
                && !CUT_OFF.matcher(text).find()
                && !PERSONAL.matcher(text).find()
                && !hangs(words)
                && Words.count(text) <= MOST_WORDS
                && words.stream().skip(verb + 1L).anyMatch(w -> w.isNoun() && !Things.isTime(w) && !Things.isNumber(w));
    }

    /** "Let Ana know", but not "let Ana". */
    private static boolean letsDo(List<TaggedWord> words, int verb) {
        return words.stream().skip(verb + 1L).anyMatch(w -> w.is("VERB", "AUX", "ADV", "ADJ"));
    }

    /** Whether what stands at {@code at} can be told to be done; taggers take "email" for a thing. */
    private static boolean isVerb(List<TaggedWord> words, int at) {
        TaggedWord w = words.get(at);
        boolean adverb =
                w.is("ADV") && (at + 1 == words.size() || !words.get(at + 1).is("VERB", "AUX"));
        return !w.is(NO_VERB) && !adverb && !NOTHING_TO_DO.contains(w.lower()) && isBaseForm(w);
    }

    /** "Ring", and "ringing", which is made "ring"; nobody is told to "rang". */
    private static boolean isBaseForm(TaggedWord w) {
        return !w.is("VERB", "AUX") || w.lower().equals(w.lemma()) || w.lower().endsWith("ing");
    }

    /** Whether {@code text} ends in a condition and does not say of what: "and if the yard says no". */
    private static boolean endsInACondition(String text) {
        Matcher condition = CONDITION_AT_THE_END.matcher(text);
        if (!condition.find()) {
            return false;
        }
        List<TaggedWord> words = Tagger.shared().words(condition.group(1));
        long verbs = IntStream.range(0, words.size())
                .filter(i ->
                        isFinite(words.get(i)) && (i == 0 || !words.get(i - 1).is("AUX")))
                .count();
        return verbs < 2;
    }

    private static boolean isFinite(TaggedWord w) {
        return w.is("VERB", "AUX") || w.tag().contains("+AUX") || w.tag().contains("+VERB");
    }

    /** Whether {@code text} begins with its verb, as what is told to be done. */
    static boolean isTold(String text) {
        if (text.isBlank()) {
            return false;
        }
        List<TaggedWord> words =
                Tagger.shared().words("to " + Character.toLowerCase(text.charAt(0)) + text.substring(1));
        return words.size() > 1
                && words.get(1).is("VERB")
                && !NOTHING_TO_DO.contains(words.get(1).lower())
                && isBaseForm(words.get(1));
    }

    /** Whether {@code text} says something of something: a verb with what it is said of before it. */
    static boolean isTelling(String text) {
        List<TaggedWord> words = Tagger.shared().words(text);
        boolean named = false;
        boolean relative = false;
        for (int i = 0; i < words.size(); i++) {
            TaggedWord w = words.get(i);
            if (opensRelativeClause(words, i)) {
                relative = true;
                continue;
            }
            boolean governed = i > 0 && words.get(i - 1).is("ADP");
            boolean finite =
                    w.is("AUX") || w.is("VERB") && (i == 0 || !words.get(i - 1).is("PART", "ADP", "SCONJ"));
            if (w.tag().contains("+AUX") || w.tag().contains("+VERB") || named && finite) {
                boolean goesOn = i + 1 < words.size() && words.get(i + 1).is("VERB", "AUX", "PART");
                if (!relative) {
                    return true;
                }
                // "The thing that gets us": its verb says nothing of the thing; another one may.
                relative = goesOn;
            }
            named |= !governed && (w.isNoun() || w.is("PRON", "NUM", "DET"));
        }
        return false;
    }

    private static boolean opensRelativeClause(List<TaggedWord> words, int at) {
        return switch (words.get(at).lower()) {
            case "which", "who", "whose" -> at > 0;
            case "that" -> at > 0 && words.get(at - 1).isNoun();
            default -> false;
        };
    }

    /** Whether {@code text} speaks of "I", "we" or "you". */
    static boolean isPersonal(String text) {
        return PERSONAL.matcher(text).find();
    }

    /** Whether quoted words tell whoever was not there: they speak of nobody who talks alone, nor of what only they see. */
    static boolean tellsOthers(String text) {
        return !OF_ONE.matcher(text).find()
                && !POINTING_FIRST.matcher(text).find()
                && !text.contains("…")
                && !hangs(Tagger.shared().words(text))
                && contentWords(text) >= FEWEST_CONTENT;
    }

    /** How many words say something: things, deeds, qualities and numbers. */
    private static long contentWords(String text) {
        return Tagger.shared().words(text).stream()
                .filter(w -> w.isNoun() || w.is("VERB", "ADJ", "NUM"))
                .count();
    }

    static boolean hasVerb(String text) {
        return Tagger.shared().words(text).stream()
                .anyMatch(w -> w.tag().startsWith("VERB") || w.tag().contains("AUX"));
    }

    private static boolean isWhole(String text) {
        List<TaggedWord> words = Tagger.shared().words(text);
        int count = Words.count(text);
        return count >= FEWEST_WORDS
                && count <= MOST_WORDS
                && !PERSONAL.matcher(text).find()
                && !POINTING_FIRST.matcher(text).find()
                && !text.contains("…")
                && !text.contains("...")
                && !endsInACondition(text)
                && !CUT_OFF.matcher(text).find()
                && !hangs(words);
    }

    private static boolean hangs(List<TaggedWord> words) {
        if (words.isEmpty()) {
            return true;
        }
        int last = words.size() - 1;
        while (last > 0 && words.get(last).is("PUNCT")) {
            last--;
        }
        return HANGING.contains(CLITIC.matcher(words.get(last).lower()).replaceFirst(""));
    }
}
