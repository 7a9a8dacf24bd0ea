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
    /** Words that mean something unless a stop follows: "No, we keep it", but "No diesel on Mondays". */
    private static final String STOPPED =
            "(?:no|right|good|fine|great|sure|sorry|perfect|grand|lovely|agreed|wait|thanks|thank you|em|mate|like|also|plus|actually|honestly|okay then)(?=\\s*[,.:;!…-])";

    private static final Pattern OPENER = Pattern.compile(
            "^(?:(?:" + STOPPED
                    + "|so|yeah|yes|yep|aye|okay|ok|well|and|but|then|now|oh|ah|look|listen|anyway|alright|all right|because|cos|i think|i mean|i guess|i suppose|i reckon|i believe|i'd say|i would say|i suspect|i must say|you know|to be fair|in fairness|the thing is|as i say|as i said|basically|obviously|hopefully|mind you|righto|hang on|hold on|touch wood|if nobody minds|by the way)(?![\\p{L}'’])[,.:;!…-]*\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern REPEATED =
            Pattern.compile("(?<![\\p{L}\\p{N}])(\\p{L}+)(?:,?\\s+\\1)+(?![\\p{L}\\p{N}'’])", Pattern.CASE_INSENSITIVE);
    private static final Pattern CLAUSE_END =
            Pattern.compile(",\\s|;\\s|\\s[–—-]\\s|\\s(?=(?:because|cos|which|although|but|and then|so that|so)\\s)");
    /** What only says that it is the speaker who says so. */
    private static final Pattern HEDGE = Pattern.compile(
            ",?\\s(?:I['’]d say|I would say|I suppose|I guess|I must say|I have to say|touch wood|please God|to be honest|in fairness|as I say|as I said),?(?=\\s|$)",
            Pattern.CASE_INSENSITIVE);

    private Phrases() {}

    /** Fillers, openers and stammers gone; one sentence, its end mark taken off. */
    static String clean(String said) {
        String text = Fillers.removed(said);
        text = REPEATED.matcher(text).replaceAll("$1");
        String opened = OPENER.matcher(text).replaceFirst("");
        text = HEDGE.matcher(opened.isBlank() ? text : opened).replaceAll("");
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

    /** At most thirty words or so, cut where a clause ends. */
    static String shortened(String text) {
        return shortened(text, MOST_WORDS);
    }

    /** At most {@code most} words or so, cut where a clause ends. */
    static String shortened(String text, int most) {
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
