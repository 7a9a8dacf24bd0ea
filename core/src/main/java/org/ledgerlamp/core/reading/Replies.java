package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.regex.Pattern;

/** How people take what was just said: with a yes, a no, or a word of thanks. */
final class Replies {
    private static final RuleSet YES = RuleSet.named("reply.yes");
    private static final RuleSet NO = RuleSet.named("reply.no");
    private static final Pattern HARMLESS_NO = Pattern.compile(
            "no (?:problem|worries|bother|objections?|trouble|doubt|harm)|not a problem|can't (?:argue|see why not|hurt)|why not|no,? (?:that's fine|fine|i agree|that's better|nothing)");
    private static final Pattern ASKS_FOR_OBJECTIONS = Pattern.compile(
            "(?:anybody|anyone|anything|somebody|someone) (?:is )?(?:against|object|opposed|unhappy|disagree|mind|see(?:s)? it differently)|any objections?|(?:has|have) (?:anybody|anyone) a problem|(?:does|do|would) (?:anybody|anyone|you) mind");
    private static final RuleSet THANKS = RuleSet.named("reply.thanks");
    private static final int WORDS_OF_A_PLAIN_REPLY = 14;

    private Replies() {}

    /** Whether the sentence, taken as a reply, says yes. */
    static boolean assents(Sentence s) {
        return YES.matches(opening(s)) && !refuses(s) && !s.isQuestion();
    }

    /** Whether the sentence, taken as a reply, says no. */
    static boolean refuses(Sentence s) {
        return NO.matches(HARMLESS_NO.matcher(opening(s)).replaceAll(" ")) && !s.isQuestion();
    }

    /** Whether the sentence asks who is against, so that a no to it is a yes to the matter. */
    static boolean asksForObjections(Sentence s) {
        return s.isQuestion() && ASKS_FOR_OBJECTIONS.matcher(s.plain()).find();
    }

    static boolean thanks(Sentence s) {
        return THANKS.matches(opening(s));
    }

    /** Whether the first words of what is said in reply say yes. */
    static boolean assents(List<Sentence> reply) {
        return !reply.isEmpty() && reply.stream().limit(2).anyMatch(Replies::assents) && !refuses(reply.getFirst());
    }

    /** Whether the first words of what is said in reply say no. */
    static boolean refuses(List<Sentence> reply) {
        return !reply.isEmpty() && refuses(reply.getFirst());
    }

    /** A reply is told by its first words: what follows is another matter. */
    private static String opening(Sentence s) {
        String[] words = s.plain().split("\\s+");
        return words.length <= WORDS_OF_A_PLAIN_REPLY
                ? String.join(" ", List.of(words).subList(0, Math.min(words.length, 7)))
                : String.join(" ", List.of(words).subList(0, 4));
    }
}
