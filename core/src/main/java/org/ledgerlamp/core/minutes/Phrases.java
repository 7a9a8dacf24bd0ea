package org.ledgerlamp.core.minutes;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Fillers;

/** Small repairs that turn speech into written phrases; what carries meaning stays as said. */
final class Phrases {
    private static final int MOST_WORDS = 30;
    private static final int MOST_WORDS_BESIDE = 18;
    private static final Pattern OPENER = Pattern.compile(
            "^(?:(?:so|yeah|yes|yep|aye|no|okay|ok|right|well|and|but|then|now|oh|ah|look|listen|anyway|actually|alright|all right|fine|good|great|sure|sorry|honestly|also|plus|because|cos|i think|i mean|i guess|i suppose|you know|to be fair|the thing is|as i say|as i said|like|basically|obviously|hopefully|mind you|righto|grand|lovely|perfect|thanks|thank you|agreed)(?![\\p{L}'’])[,.:;!…-]*\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern REPEATED =
            Pattern.compile("(?<![\\p{L}\\p{N}])(\\p{L}+)(?:,?\\s+\\1)+(?![\\p{L}\\p{N}'’])", Pattern.CASE_INSENSITIVE);
    private static final Pattern CLAUSE_END =
            Pattern.compile(",\\s|;\\s|\\s[–—-]\\s|\\s(?=(?:because|cos|which|although|but|and then|so that|so)\\s)");
    private static final List<String[]> FIRST_PERSON = List.of(
            new String[] {"I've", "@ has"},
            new String[] {"I'm", "@ is"},
            new String[] {"I'll", "@ will"},
            new String[] {"I'd", "@ would"},
            new String[] {"I am", "@ is"},
            new String[] {"I have", "@ has"},
            new String[] {"I do", "@ does"},
            new String[] {"I don't", "@ does not"},
            new String[] {
                "I (think|know|need|want|see|hope|say|agree|like|guess|suspect|expect|mean|believe|prefer|suggest|propose|recommend|reckon|worry|doubt|wonder|feel|remember|understand)",
                "@ $1s"
            },
            new String[] {"I", "@"},
            new String[] {"me", "@"},
            new String[] {"my", "@'s"},
            new String[] {"mine", "@'s"},
            new String[] {"myself", "@"});

    private Phrases() {}

    /** Fillers, openers and stammers gone; one sentence, its end mark taken off. */
    static String clean(String said) {
        String text = Fillers.removed(said);
        text = REPEATED.matcher(text).replaceAll("$1");
        String opened = OPENER.matcher(text).replaceFirst("");
        text = opened.isBlank() ? text : opened;
        return text.replaceAll("[\\s.,;:!…-]+$", "").strip();
    }

    /** A person called at either end of the sentence is not part of what is said. */
    static String withoutVocative(String text, List<Person> people) {
        String result = text;
        for (Person person : people) {
            for (String call : List.of(person.name(), person.firstName())) {
                result = result.replaceFirst("(?i)^" + Pattern.quote(call) + ",\\s+", "");
                result = result.replaceFirst("(?i),\\s+" + Pattern.quote(call) + "([.?!]*)$", "$1");
            }
        }
        return result;
    }

    /** "I", "me", "my" turned into the speaker's name; unchanged where the speaker is not known. */
    static String thirdPerson(String text, Person speaker) {
        if (speaker == null) {
            return text;
        }
        String result = text.replace('’', '\'');
        for (String[] turn : FIRST_PERSON) {
            result = Pattern.compile(
                            "(?<![\\p{L}\\p{N}'])" + turn[0] + "(?![\\p{L}\\p{N}'])",
                            turn[0].startsWith("I") ? 0 : Pattern.CASE_INSENSITIVE)
                    .matcher(result)
                    .replaceAll(turn[1].replace("@", Matcher.quoteReplacement(speaker.name())));
        }
        return result.replaceAll("(?<=\\p{L})'s's", "'s");
    }

    /** "you" and "your" turned into the name of the one addressed; unchanged where nobody is. */
    static String addressed(String text, Person addressee) {
        if (addressee == null) {
            return text;
        }
        return text.replace('’', '\'')
                .replaceAll("(?i)(?<![\\p{L}'])your(?![\\p{L}'])", Matcher.quoteReplacement(addressee.name()) + "'s")
                .replaceAll("(?i)(?<![\\p{L}'])you(?![\\p{L}'])", Matcher.quoteReplacement(addressee.name()));
    }

    /** At most thirty words or so, cut where a clause ends. */
    static String shortened(String text) {
        return shortened(text, MOST_WORDS);
    }

    /** At most eighteen words or so, to stand beside a line's own. */
    static String brief(String text) {
        return shortened(text, MOST_WORDS_BESIDE);
    }

    private static String shortened(String text, int most) {
        String[] words = text.split("\\s+");
        if (words.length <= most) {
            return text;
        }
        int limit = String.join(" ", List.of(words).subList(0, most)).length();
        Matcher end = CLAUSE_END.matcher(text);
        int cut = -1;
        while (end.find() && end.start() <= limit) {
            if (end.start() >= limit / 3) {
                cut = end.start();
            }
        }
        return cut < 0 ? String.join(" ", List.of(words).subList(0, most)) + " …" : text.substring(0, cut);
    }

    /** First letter large, full stop at the end, unless another mark ends it. */
    static String sentence(String text) {
        if (text.isEmpty()) {
            return text;
        }
        String capital = text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
        char last = capital.charAt(capital.length() - 1);
        return ".?!…".indexOf(last) >= 0 ? capital : capital + ".";
    }
}
