package org.ledgerlamp.core.wording;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.language.TaggedWord;
import org.ledgerlamp.core.language.Tagger;
import org.ledgerlamp.core.people.Person;

/** Finds in what was said the verb of what is to be done, and cuts away what is no part of it. */
final class Deed {
    private static final Pattern FIRST_PERSON = Pattern.compile(
            "(?:^|.*?(?<![\\p{L}'’]))(?:I['’]ll|(?<!(?:is|was|'s|be|been|feel|felt|fell|off) )ill|I will|I shall|I['’]?m (?:going to|gonna)|I can|I could|let me|I(?:['’]ll)? (?:need|have) to|I['’]ve (?:still )?got to|I['’]d better|I must|I want to|happy to)\\s+(?:(?:have|need) to )?(\\p{L}.*)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SECOND_PERSON = Pattern.compile(
            ".*?(?<![\\p{L}'’])(?:(?:can|could|will|would) (?:you|ye)(?: please| just| maybe| perhaps| mind)*|(?:I['’]d|I would) like you to|I (?:want|need) you to|you['’]ll(?: (?:need|have) to)?|you (?:need|have|want|ought) to|you should|please)\\s+(\\p{L}.*)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TOGETHER = Pattern.compile(
            "(?:^|.*?(?<![\\p{L}'’]))(?:we['’]ll|we will|we can|we['’]re going to)\\s+(\\p{L}.*)",
            Pattern.CASE_INSENSITIVE);
    /** "I ring the area lady tomorrow." */
    private static final Pattern PRESENT = Pattern.compile(
            "(?:^|.*?[,;]\\s+)I\\s+((?!(?:am|was|have(?! (?:the|a|an) .*(?: by | on ))|had|do|did|don['’]t|can|could|would|will|should|might|may|think|know|want|like|need|mean|say|guess|hope|see|said|got|just|never|also|really|still|always)(?![\\p{L}'’]))\\p{L}+(?<!ed)\\s+.*)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern WANTED = Pattern.compile(
            ".*?(?<![\\p{L}'’])(?:(?:somebody|someone|one of us|one of you|anyone)(?:['’]s)?(?: really)?(?: got to| needs? to| has to| should| ought to| must|(?: will|['’]ll)(?: (?:need|have) to)?| to|['’]d better)|we(?:['’]ll)?(?: really)? (?:need|have|ought) to|we['’]ve got to|we must|we should)\\s+(?:really\\s+)?(\\p{L}.*)",
            Pattern.CASE_INSENSITIVE);

    /** Somebody by name is to do it: asked for through another, asked, announced, or bare as in notes, but no report. */
    private static final List<String> NAMED = List.of(
            ".*?(?<![\\p{L}'’])(?:get|have|ask|let|tell|need|want|like|expect)\\s+%1$s\\s+(?:to\\s+)?(\\p{L}.*)",
            ".*?(?<![\\p{L}'’])(?:can|could|would|will|should|shall)\\s+%1$s\\s+(?:please\\s+|just\\s+)?(\\p{L}.*)",
            "(?:.*?(?<![\\p{L}'’]))?%1$s(?:['’]s|['’]ll)?\\s+(?:also\\s+)?(?:to|will|can|could|should|must|has to|needs to|(?:is )?going to|ought to|is to|are to|gets to)\\s+(?:(?:have|need) to )?(\\p{L}.*)",
            "^%1$s['’]ll\\s+(\\p{L}.*)",
            "^%1$s[:,]?\\s+(?!\\p{L}+(?:s|ed)\\s|is\\s|has\\s|had\\s|was\\s)(\\p{L}.*)");

    private static final Pattern REPORTED = Pattern.compile("^(\\p{L}+s)\\s+(\\p{L}.*)");
    private static final Set<String> NO_DEED =
            Set.of("is", "was", "has", "does", "says", "thinks", "needs", "wants", "knows", "likes", "means", "feels");
    private static final Set<String> NO_VERB = Set.of(
            "would could should will can may might must shall to for of in on at the a an and or but so then that this is was has had been it he she they we you i just"
                    .split(" "));

    private static final Set<String> OF_ANYTHING = Set.of("do", "have", "get", "try", "sort", "handle", "look");
    private static final Set<String> TALKING = Set.of(
            "ask", "tell", "ring", "call", "phone", "write", "email", "speak", "talk", "message", "text", "say",
            "mail");

    /** "I'll email her, I'll do it when I get home": what somebody adds is no part of the deed. */
    private static final Pattern ASIDE = Pattern.compile(
            "[,;]\\s+(?:(?:because|cos|and|so|as|but|since)\\s+)?(?:I|they|he|she|we|you|it|there|that|this)(?:['’](?:ll|m|ve|d|s|re)|\\s(?:is|are|was|were|will|can|have|has|had|might|need|live|know|see|shut|said|get))(?![\\p{L}]).*$");

    private static final Pattern TRAILING = Pattern.compile(
            "(?:,?\\s+(?:please|then|though|yeah|yes|okay|ok|right|so|like|you know|if you like|will you|would you|could you))+$",
            Pattern.CASE_INSENSITIVE);
    private static final int FEWEST_WORDS = 2;

    private Deed() {}

    /**
     * What {@code owner} is to do, from its verb on, or null where no pattern finds the verb.
     *
     * @param owner who is to do it, or null where open
     * @param bySpeaker whether the owner said it, or nobody knows who did
     */
    static String in(String said, Person owner, boolean bySpeaker) {
        List<Pattern> patterns = new ArrayList<>();
        if (bySpeaker) {
            patterns.addAll(List.of(FIRST_PERSON, TOGETHER, WANTED, SECOND_PERSON, PRESENT));
        } else {
            patterns.add(SECOND_PERSON);
            if (owner != null) {
                patterns.addAll(0, named(owner));
            }
            patterns.add(WANTED);
        }
        for (Pattern pattern : patterns) {
            Matcher m = pattern.matcher(said);
            if (m.matches() && !NO_VERB.contains(firstWord(m.group(1)))) {
                return m.group(1);
            }
        }
        if (Sense.isTold(said)) {
            return said;
        }
        return owner == null ? null : reported(said, owner);
    }

    /** Whether a promise takes on what {@code owner} was asked for: in the same words, in none ("I'll do it") or by talking as well. */
    static boolean answers(String promise, String request, Person owner) {
        String promised = in(promise, owner, true);
        String requested = in(request, owner, false);
        if (promised == null || requested == null) {
            return false;
        }
        String mine = verb(promised);
        String asked = verb(requested);
        return mine.equals(asked) || OF_ANYTHING.contains(mine) || TALKING.contains(mine) && TALKING.contains(asked);
    }

    private static String verb(String deed) {
        return Tagger.shared().words("to " + deed).stream()
                .skip(1)
                .filter(w -> w.is("VERB", "AUX"))
                .findFirst()
                .map(TaggedWord::lemma)
                .orElse("");
    }

    private static List<Pattern> named(Person owner) {
        List<Pattern> patterns = new ArrayList<>();
        String surname = owner.name().substring(owner.firstName().length()).strip();
        for (String name : names(owner)) {
            String whole = Pattern.quote(name) + (surname.isEmpty() ? "" : "(?!\\s+" + Pattern.quote(surname) + ")");
            for (String form : NAMED) {
                patterns.add(Pattern.compile(form.formatted(whole), Pattern.CASE_INSENSITIVE));
            }
        }
        return patterns;
    }

    private static Set<String> names(Person owner) {
        Set<String> names = new LinkedHashSet<>(List.of(owner.name(), owner.firstName()));
        names.addAll(owner.aliases());
        names.add(owner.initials());
        return names;
    }

    /** "Tom gets the roller": said as a fact of what Tom is to do. */
    private static String reported(String said, Person owner) {
        for (String name : names(owner)) {
            if (said.startsWith(name + " ")) {
                Matcher m = REPORTED.matcher(said.substring(name.length() + 1));
                if (m.matches() && !NO_DEED.contains(m.group(1))) {
                    return infinitive(m.group(1)) + " " + m.group(2);
                }
            }
        }
        return null;
    }

    private static String infinitive(String verb) {
        if (verb.endsWith("ies")) {
            return verb.substring(0, verb.length() - 3) + "y";
        }
        return verb.matches(".*(?:sh|ch|ss|x|go)es")
                ? verb.substring(0, verb.length() - 2)
                : verb.substring(0, verb.length() - 1);
    }

    private static String firstWord(String text) {
        return text.split("[^\\p{L}]", 2)[0].toLowerCase(java.util.Locale.ROOT);
    }

    /** {@code deed} without what was added to it, unless hardly anything would be left. */
    static String alone(String deed) {
        String brief = TRAILING.matcher(ASIDE.matcher(deed).replaceFirst("")).replaceFirst("");
        return brief.split("\\s+").length >= FEWEST_WORDS
                ? brief
                : TRAILING.matcher(deed).replaceFirst("");
    }
}
