package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds what was asked and not answered by the end. */
final class QuestionFinder {
    private static final RuleSet NOT_KNOWN = RuleSet.named("question.open");
    private static final Pattern EMBEDDED = Pattern.compile(
            "(?:don't|do not|dunno|not sure|unclear|no idea|nobody knows|wonder|question is|find out|need to know)(?:\\s+(?:is|yet|,|if|whether|actually|really|even)){0,2}\\s*((?:if|whether|who|what|when|where|which|how|why)\\b.{8,})");
    private static final Pattern TALK_ITSELF = Pattern.compile(
            "can you hear|is (?:it|that|this) (?:on|going|recording|working)|how are you|everybody (?:here|okay)|any (?:questions|other)|anything else|what's next|who's (?:next|here|that)|you know\\?|isn't it\\?|right\\?$|okay\\?$|shall we (?:start|begin)|sorry\\?|does that make sense");

    private final Talk talk;

    QuestionFinder(Talk talk) {
        this.talk = talk;
    }

    List<Finding> find() {
        List<Finding> found = new ArrayList<>();
        for (Sentence s : talk.sentences()) {
            if (TALK_ITSELF.matcher(s.plain()).find() || s.content().size() < 2) {
                continue;
            }
            if (s.isQuestion()) {
                asked(s, found);
            } else {
                embedded(s, found);
            }
        }
        return found;
    }

    private void asked(Sentence s, List<Finding> found) {
        Judgement judgement = new Judgement().favours(0.15, "asked");
        List<Evidence> evidence = new ArrayList<>(List.of(talk.evidence(s)));
        List<Sentence> following = new ArrayList<>(talk.of(s.utterance()).stream()
                .filter(o -> o.index() > s.index())
                .limit(2)
                .toList());
        for (int reply : talk.replies(s.utterance(), 2)) {
            if (talk.isAskedBetween(s.utterance(), reply)) {
                break;
            }
            following.addAll(talk.of(reply).stream().limit(2).toList());
        }
        for (Sentence reply : following) {
            List<RuleSet.Rule> cues = NOT_KNOWN.match(reply.plain());
            if (!cues.isEmpty()) {
                judgement.favours(cues.getFirst().weight(), cues.getFirst().rationale());
                evidence.add(talk.evidence(reply));
                break;
            }
        }
        if (evidence.size() == 1) {
            return;
        }
        keep(s, judgement, evidence, found);
    }

    private void embedded(Sentence s, List<Finding> found) {
        Matcher m = EMBEDDED.matcher(s.plain());
        if (!m.find() || s.content().size() < 3) {
            return;
        }
        Judgement judgement = new Judgement().favours(0.5, "said not to be known");
        keep(s, judgement, List.of(talk.evidence(s)), found);
    }

    private static void keep(Sentence s, Judgement judgement, List<Evidence> evidence, List<Finding> found) {
        if (judgement.certainty() >= Thresholds.WORTH_KEEPING) {
            found.add(Finding.told(Kind.QUESTION, s, judgement, evidence));
        }
    }
}
