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
    /** What is said, and what is written for it: {@code @} stands for the name. */
    private record Turn(Pattern said, String written) {}

    private static final List<Turn> TURNS = List.of(
            turn("am I", "is @"),
            turn("do I", "does @"),
            turn("have I", "has @"),
            turn("I've", "@ has"),
            turn("I'm", "@ is"),
            turn("I'll", "@ will"),
            turn("I'd (a|an|the|no|some|been|done|had|got|gone|said|seen|\\p{L}+ed)", "@ had $1"),
            turn("I'd", "@ would"),
            turn("I am", "@ is"),
            turn("I have", "@ has"),
            turn("I haven't", "@ has not"),
            turn("I do", "@ does"),
            turn("I don't", "@ does not"),
            turn("I go", "@ goes"),
            turn("I worry", "@ worries"),
            turn("I try", "@ tries"),
            turn("I carry", "@ carries"),
            turn("I (still |also |always |never |only )?(" + SAME_IN_ALL_PERSONS + ")", "@ $1$2s"),
            turn("I", "@"),
            turn("me", "@"),
            turn("my", "@'s"),
            turn("mine", "@'s"),
            turn("myself", "@"));

    private static Turn turn(String said, String written) {
        return new Turn(
                Pattern.compile(
                        "(?<![\\p{L}\\p{N}'])" + said + "(?![\\p{L}\\p{N}'])",
                        said.contains("I") ? 0 : Pattern.CASE_INSENSITIVE),
                written.replace("@", NAME));
    }

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
        for (Turn turn : TURNS) {
            result = turn.said().matcher(result).replaceAll(turn.written());
        }
        return withName(result.replace("'s's", "'s"), speaker, named);
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
        String first = named ? shortName(person) : person.name();
        return marked.replaceFirst(NAME, Matcher.quoteReplacement(first)).replace(NAME, shortName(person));
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
