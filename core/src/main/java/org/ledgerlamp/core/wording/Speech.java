package org.ledgerlamp.core.wording;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.Words;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Fillers;

/** Takes from a spoken sentence what writing leaves out: hesitations, openers, stammers, calls by name and tags at the end. */
final class Speech {
    /** Words that mean something unless a stop follows: "No, we keep it", but "No diesel on Mondays". */
    private static final String STOPPED =
            "(?:no|nah|right|good|fine|great|sure|sorry|perfect|grand|lovely|agreed|wait|thanks|thank you|em|mate|like|also|plus|actually|honestly|okay then|fair enough|done|true|exactly|brilliant|hey|hmm|mm|please|see|first|second|next|last one|one more thing|question|look here|there you go|all good)(?=\\s*[,.:;!?…-])";

    /** "Who pays??" asks no more than with one mark. */
    private static final Pattern MARKS = Pattern.compile("([?!])[?!]+$");

    private static final Pattern OPENER = Pattern.compile(
            "^(?:(?:" + STOPPED
                    + "|so|yeah|yes|yep|aye|okay|ok|well|and|but|then|now|oh|ah|och|ach|eh|aw|look|listen|anyway|alright|all right|because|cos|'cause|i mean|i guess|i suppose|i'd say|i would say|i must say|i have to say|you know|to be fair|to be honest|in fairness|the thing is|the point is|the fact is|as i say|as i said|like i said|basically|obviously|hopefully|mind you|righto|hang on|hold on|touch wood|if nobody minds|by the way|for what it's worth|as far as i know|as far as i can see|which means|i'm saying|i'm just saying|what i'm saying is|it's just that|just)(?![\\p{L}'’-])[,.:;!…-]*\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern REPEATED = Pattern.compile(
            "(?<![\\p{L}\\p{N}])(\\p{L}+(?:['’]\\p{L}+)?)(?:,?\\s+\\1)+(?![\\p{L}\\p{N}'’])", Pattern.CASE_INSENSITIVE);
    private static final Pattern RESTARTED = Pattern.compile(
            "(?<![\\p{L}\\p{N}])((?:\\p{L}+\\s+){1,3}\\p{L}+),\\s+\\1(?![\\p{L}\\p{N}'’])", Pattern.CASE_INSENSITIVE);
    /** What only says that it is the speaker who says so. */
    private static final Pattern HEDGE = Pattern.compile(
            ",?\\s(?:I['’]d say|I would say|I suppose|I guess|I reckon|I think|I['’]d guess|I must say|I have to say|touch wood|please God|God willing|to be honest|to be fair|in fairness|as I say|as I said|you know|you see|I mean|sort of|kind of|mind you|like I said|really and truly|or whatever|or something|and that|and so on),?(?=\\s|$)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TAG = Pattern.compile(
            "(?:[,;]\\s*(?:right|yeah|yes|no|okay|ok|isn['’]t it|aren['’]t we|aren['’]t they|doesn['’]t it|don['’]t we|wasn['’]t it|won['’]t it|haven['’]t we|please|then|so|though|mind|mate|hey|eh|boss|sir|ma['’]am|love|thanks|thank you|you know|see|lads|folks|everyone|if you like|if that['’]s (?:okay|all right|alright)|will you|would you|could you|can you))+\\s*\\??$",
            Pattern.CASE_INSENSITIVE);

    private Speech() {}

    /** {@code said} as it would be written down, its end mark taken off. */
    static String cleaned(String said, List<Person> people) {
        String text = Fillers.removed(said).replaceFirst("^(?:[-=]*>|[*•])\\s*", "");
        text = REPEATED.matcher(text).replaceAll("$1");
        text = RESTARTED.matcher(text).replaceAll("$1");
        String before;
        do {
            before = text;
            Matcher opener = OPENER.matcher(text);
            String opened = opener.replaceFirst("");
            text = opened.isBlank() ? text : opened;
            text = withoutCall(text, people);
        } while (!text.equals(before));
        text = HEDGE.matcher(text).replaceAll("");
        text = text.replaceAll("[\\s.,;:!…–—-]+$", "");
        text = TAG.matcher(text).replaceFirst("");
        text = withoutCall(text, people);
        return text.replaceAll("[\\s.,;:!…–—-]+$", "")
                .replaceAll("\\s{2,}", " ")
                .strip();
    }

    /** A person called at either end of the sentence is not part of what is said. */
    static String withoutCall(String text, List<Person> people) {
        if (text.indexOf(',') < 0) {
            return text;
        }
        String result = text;
        for (Person person : people) {
            for (String call : calls(person)) {
                result = result.replaceFirst(
                        "(?i)^(?:hey |hi |thanks |okay |ok |so |and )?" + Pattern.quote(call) + ",\\s+", "");
                result = result.replaceFirst("(?i),\\s+" + Pattern.quote(call) + "([.?!]*)$", "$1");
            }
        }
        return result;
    }

    private static List<String> calls(Person person) {
        List<String> calls = new java.util.ArrayList<>(List.of(person.name(), person.firstName()));
        person.aliases().stream().filter(a -> a.length() > 2).forEach(calls::add);
        return calls;
    }

    /** The words as said, without hesitations and stammers; everything else is left alone. */
    static String verbatim(String said) {
        String text = Fillers.removed(said);
        text = REPEATED.matcher(text).replaceAll("$1");
        return text.strip();
    }

    /** First letter large, a full stop at the end unless another mark ends it. */
    static String sentence(String text) {
        if (text.isEmpty()) {
            return text;
        }
        String capital = Words.capitalised(MARKS.matcher(text).replaceFirst("$1"));
        char last = capital.charAt(capital.length() - 1);
        return ".?!…”".indexOf(last) >= 0 ? capital : capital + ".";
    }

    /** Begins in small letters, unless it begins with a name, an acronym or "I". */
    static String lowerFirst(String text, List<Person> people) {
        boolean acronym =
                text.length() > 1 && (Character.isUpperCase(text.charAt(1)) || Character.isDigit(text.charAt(1)));
        boolean name = people.stream().anyMatch(p -> text.startsWith(p.firstName()));
        boolean self = text.matches("I(?:[ '’].*)?");
        return text.isEmpty() || acronym || name || self
                ? text
                : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
