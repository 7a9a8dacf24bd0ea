package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;

/** Tells whose doing an action is where no turn of phrase of its own says so. */
final class ActionOwner {
    private static final Pattern FIRST_PERSON_SUBJECT =
            Pattern.compile("(?<![\\p{L}'])i(?:'ll|'m|'ve|'d)?(?![\\p{L}'])");

    /** "It'll be done by Friday": by whom, the words before tell. */
    private static final Pattern PROMISED_RESULT = Pattern.compile(
            "^(?:and |so |but )*(?:it|that|they|you)(?:'ll| will| has to| have to| needs to) (?:be (?:done|ready|in|there|with you|finished)|have (?:it|them|that))(?![\\p{L}])");

    private static final Pattern OWN = Pattern.compile("(?<![\\p{L}'])(?:i(?:'(?:ll|m|ve|d))?|me|mine)(?![\\p{L}'])");

    private static final Pattern OF_ANOTHER = Pattern.compile("(?<![\\p{L}'])(?:he|she|they)(?![\\p{L}])");
    private static final int MOST_WORDS_BESIDE_A_DAY = 3;

    private final Talk talk;

    ActionOwner(Talk talk) {
        this.talk = talk;
    }

    /** Whose doing it is where no turn of phrase says so: the speaker's own, the one named or the one spoken to. */
    Person of(Sentence s, List<Evidence> evidence) {
        Person other = Handovers.ownerIn(s, talk);
        if (other != null) {
            return other;
        }
        if (!DeedList.of(s).isEmpty()) {
            return s.mentions().getFirst().person();
        }
        boolean told = !s.isQuestion() || ActionCues.PROMISE.matches(s.plain());
        if (told && FIRST_PERSON_SUBJECT.matcher(s.plain()).find()) {
            return s.speaker();
        }
        boolean result = PROMISED_RESULT.matcher(s.plain()).find() || onlyAddsADay(s);
        if (result && isOwnDoing(talk.before(s), s)) {
            return s.speaker();
        }
        Person called = Calls.addressee(s);
        for (Mention mention : s.mentions()) {
            if (!mention.person().equals(called)
                    && s.text().substring(0, mention.start()).isBlank()) {
                return mention.person();
            }
        }
        boolean toSomebody = s.isQuestion() || s.plain().matches(".*\\byou(?:'ll)?\\b.*");
        for (int reply : talk.replies(s.utterance(), 1)) {
            List<Sentence> words = talk.of(reply);
            boolean takes = !words.isEmpty()
                    && (Replies.assents(words) && toSomebody
                            || ActionCues.PROMISE.matches(words.getFirst().plain()));
            if (takes && (called == null || called.equals(talk.speaker(reply)))) {
                evidence.add(talk.evidence(words.getFirst()));
                return talk.speaker(reply);
            }
        }
        return called;
    }

    /** "End of the month you have it": a day and little else, said of what was told before. */
    private static boolean onlyAddsADay(Sentence s) {
        return !s.isQuestion()
                && !s.dates().isEmpty()
                && s.mentions().isEmpty()
                && !OF_ANOTHER.matcher(s.plain()).find()
                && s.content().size() <= MOST_WORDS_BESIDE_A_DAY;
    }

    /** Whether the sentence before, of the same turn, tells of the speaker's own doing. */
    private static boolean isOwnDoing(Sentence before, Sentence s) {
        return before != null
                && before.utterance() == s.utterance()
                && OWN.matcher(before.plain()).find();
    }
}
