package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;

/**
 * Whose an action is where the one who says "I" or "you" is not the one who does it: "I'll get Tom to look", "can Tom
 * do that?", "he can do it Monday", and, the other way round, "you'll have it from me".
 */
final class Handovers {
    private static final String VERB =
            "(?!(?:in|out|up|back|done|ready|there|by|for|all|with|on|at|over|to|off|down)\\b)\\p{L}{2,}";
    private static final Pattern OWN_PROMISE = Pattern.compile("(?<![\\p{L}'])i(?:'ll| will| can| could)(?![\\p{L}])");
    private static final Pattern THROUGH = Pattern.compile(
            "(?:i'll|i will|i'm going to|let's|let us|we'll|we can|can we|could we|shall we|we|i can|i could|we should|we could)\\s+(?:just\\s+)?(?:(?:get|have)\\s+(?<name>@|him|her|them)\\s+(?:to\\s+)?|(?:ask|tell)\\s+(?<asked>@|him|her|them)\\s+to\\s+)"
                    + VERB);
    private static final Pattern ASKED_OF = Pattern.compile(
            "(?:^|[,;]\\s|\\b(?:so|and|but|then|well)\\s)(?:can|could|will|would|should)\\s+@\\s+(?:please\\s+|just\\s+)?"
                    + VERB);
    private static final Pattern OF_ANOTHER = Pattern.compile(
            "(?:^|[,;]\\s|\\b(?:so|and|but|then|well|yes|yeah)\\s)(?:he|she)(?:'ll|\\s+can|\\s+could|\\s+will|\\s+should|\\s+has to|\\s+needs to)\\s+(?:certainly\\s+|probably\\s+|just\\s+)?(?!be\\b|not\\b|never\\b|want\\b|like\\b|love\\b|hate\\b|know\\b|tell\\b|say\\b)"
                    + VERB);
    private static final Pattern DELIVERED = Pattern.compile(
            "(?:you'll|you will) (?:have|get) (?!to\\b)(?:it|them|that|this|those|the|both|a|an|my|your)\\b|(?:have|get) (?:it|them|that) from me\\b");
    private static final int SENTENCES_BACK = 3;

    private Handovers() {}

    /** The one who is to do what {@code s} speaks of, or null where no such turn of phrase tells. */
    static Person ownerIn(Sentence s, Talk talk) {
        String marked = marked(s);
        Matcher through = THROUGH.matcher(marked);
        if (through.find()) {
            int group = through.start("name") >= 0 ? through.start("name") : through.start("asked");
            return marked.charAt(group) == '@' ? personAt(marked, group, s) : lastNamedBefore(s, talk);
        }
        Matcher asked = ASKED_OF.matcher(marked);
        if (asked.find()) {
            return personAt(marked, marked.indexOf('@', asked.start()), s);
        }
        if (!s.isQuestion() && DELIVERED.matcher(marked).find()) {
            return s.speaker();
        }
        boolean ofAnother = !s.isQuestion()
                && OF_ANOTHER.matcher(marked).find()
                && !OWN_PROMISE.matcher(marked).find();
        return ofAnother ? lastNamedBefore(s, talk) : null;
    }

    /** The sentence in small letters with each name as one sign. */
    private static String marked(Sentence s) {
        StringBuilder marked = new StringBuilder();
        int from = 0;
        for (Mention m : s.mentions()) {
            if (m.start() >= from) {
                marked.append(s.text(), from, m.start()).append('@');
                from = m.end();
            }
        }
        return marked.append(s.text().substring(from))
                .toString()
                .toLowerCase(java.util.Locale.ROOT)
                .replace('’', '\'');
    }

    private static Person personAt(String marked, int at, Sentence s) {
        int n = (int) marked.substring(0, at).chars().filter(c -> c == '@').count();
        return s.mentions().get(n).person();
    }

    /** The one person named last, who neither speaks here nor is spoken to. */
    private static Person lastNamedBefore(Sentence s, Talk talk) {
        for (int i = s.index(); i >= Math.max(0, s.index() - SENTENCES_BACK); i--) {
            Sentence earlier = talk.sentences().get(i);
            List<Mention> named = earlier.mentions().stream()
                    .filter(m -> !m.person().equals(s.speaker()))
                    .filter(m -> !Calls.isCall(earlier.text(), m))
                    .toList();
            if (!named.isEmpty()) {
                Person last = named.getLast().person();
                return named.stream().allMatch(m -> m.person().equals(last)) ? last : null;
            }
        }
        return null;
    }
}
