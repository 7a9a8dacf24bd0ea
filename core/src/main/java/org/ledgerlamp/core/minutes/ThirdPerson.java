package org.ledgerlamp.core.minutes;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Person;

/** Turns "I" into the speaker's name and "you" into that of the one addressed: the full name first, then the first name. */
final class ThirdPerson {
    private static final String NAME = "\u0001";
    private static final Pattern ADVERB = Pattern.compile(
            "(?<![\\p{L}'])I (?:honestly|genuinely|really|actually|definitely|certainly|literally|simply|just) ");
    private static final String SAME_IN_ALL_PERSONS =
            "think|know|need|want|see|hope|say|agree|like|guess|suspect|expect|mean|believe|prefer|suggest|propose|recommend|reckon|doubt|wonder|feel|remember|understand|look|get|come|give|ask|tell|work|live|find|call|bring|keep|run|start|use|pay|meet|talk|make|take|send|write|wait|drop|ring|check|sign|order|book|sit|speak|own|miss|love|hate|owe|lose|hear|trust|read|print|move|plan|intend|promise|report|leave|stay|wish";
    private static final List<String[]> TURNS = List.of(
            new String[] {"am I", "is @"},
            new String[] {"do I", "does @"},
            new String[] {"have I", "has @"},
            new String[] {"I've", "@ has"},
            new String[] {"I'm", "@ is"},
            new String[] {"I'll", "@ will"},
            new String[] {"I'd (a|an|the|no|some|been|done|had|got|gone|said|seen|\\p{L}+ed)", "@ had $1"},
            new String[] {"I'd", "@ would"},
            new String[] {"I am", "@ is"},
            new String[] {"I have", "@ has"},
            new String[] {"I haven't", "@ has not"},
            new String[] {"I do", "@ does"},
            new String[] {"I don't", "@ does not"},
            new String[] {"I go", "@ goes"},
            new String[] {"I worry", "@ worries"},
            new String[] {"I (try|carry)", "@ tries"},
            new String[] {"I (still |also |always |never |only )?(" + SAME_IN_ALL_PERSONS + ")", "@ $1$2s"},
            new String[] {"I", "@"},
            new String[] {"me", "@"},
            new String[] {"my", "@'s"},
            new String[] {"mine", "@'s"},
            new String[] {"myself", "@"});

    private final List<Person> roster;

    ThirdPerson(List<Person> roster) {
        this.roster = roster;
    }

    /**
     * {@code text} with the first person turned; unchanged where the speaker is not known.
     *
     * @param named whether the line has named the speaker already
     */
    String turned(String text, Person speaker, boolean named) {
        if (speaker == null) {
            return text;
        }
        String result = ADVERB.matcher(text.replace('’', '\'')).replaceAll("I ");
        for (String[] turn : TURNS) {
            result = Pattern.compile(
                            "(?<![\\p{L}\\p{N}'])" + turn[0] + "(?![\\p{L}\\p{N}'])",
                            turn[0].contains("I") ? 0 : Pattern.CASE_INSENSITIVE)
                    .matcher(result)
                    .replaceAll(m -> turn[1].replace("@", NAME)
                            .replace("$1", group(m, 1))
                            .replace("$2", group(m, 2))
                            .replace("tries", group(m, 1).equals("carry") ? "carries" : "tries"));
        }
        return withName(result.replace("'s's", "'s"), speaker, named);
    }

    private static String group(java.util.regex.MatchResult m, int n) {
        return m.groupCount() < n || m.group(n) == null ? "" : m.group(n);
    }

    /** "you" and "your" turned into the name of the one addressed; unchanged where nobody is. */
    String addressed(String text, Person addressee, boolean named) {
        if (addressee == null) {
            return text;
        }
        String marked = text.replace('’', '\'')
                .replaceAll("(?i)(?<![\\p{L}'])your(?![\\p{L}'])", NAME + "'s")
                .replaceAll("(?i)(?<![\\p{L}'])you(?![\\p{L}'])", NAME);
        return withName(marked, addressee, named);
    }

    private String withName(String marked, Person person, boolean named) {
        StringBuilder text = new StringBuilder();
        Matcher m = Pattern.compile(NAME).matcher(marked);
        boolean again = named;
        while (m.find()) {
            m.appendReplacement(text, Matcher.quoteReplacement(again ? shortName(person) : person.name()));
            again = true;
        }
        return m.appendTail(text).toString();
    }

    /** The first name where nobody else on the roster has it. */
    private String shortName(Person person) {
        String first = person.firstName().toLowerCase(Locale.ROOT);
        boolean only = roster.stream()
                        .filter(p -> p.firstName().toLowerCase(Locale.ROOT).equals(first))
                        .count()
                <= 1;
        return only ? person.firstName() : person.name();
    }
}
