package org.ledgerlamp.core.reading;

import java.util.List;
import java.util.regex.Pattern;

/** How people take what was just said: with a yes, a no, or a word of thanks. */
final class Replies {
    private static final CueTable YES = new CueTable()
            .cue(
                    1,
                    "assent",
                    "yes|yeah|yep|yup|aye|sure|ok|okay|will do|can do|no problem|of course|absolutely|definitely|agreed|fine|fair enough|sounds good|works for me"
                            + "|happy with that|i'm happy|good idea|go for it|do (?:it|that)|let's do (?:it|that)|on it|consider it done|suits me|right you are|grand|perfect|deal|done"
                            + "|i can live with (?:that|it)|i could live with (?:that|it)|makes sense|i agree|i'd go with that|no objections?|seconded|in favour|carried|happy days|lovely|great|exactly");
    private static final CueTable NO = new CueTable()
            .cue(
                    1,
                    "refusal",
                    "no|nope|nah|can't|cannot|won't|i'd rather not|rather not|i don't think so|not a chance|no way|i'm not (?:sure|happy|doing|convinced|going)|i couldn't|i disagree|not keen|i don't like|hang on|hold on|i object");
    private static final Pattern HARMLESS_NO = Pattern.compile(
            "no (?:problem|worries|bother|objections?|trouble|doubt|harm)|not a problem|can't (?:argue|see why not|hurt)|why not|no,? (?:that's fine|fine|i agree|that's better|nothing)");
    private static final Pattern ASKS_FOR_OBJECTIONS = Pattern.compile(
            "(?:anybody|anyone|anything|somebody|someone) (?:is )?(?:against|object|opposed|unhappy|disagree|mind|see(?:s)? it differently)|any objections?|(?:has|have) (?:anybody|anyone) a problem|(?:does|do|would) (?:anybody|anyone|you) mind");
    private static final CueTable THANKS = new CueTable()
            .cue(
                    1,
                    "thanked",
                    "thanks|thank you|cheers|ta|brilliant|perfect|lovely|great|excellent|good man|good woman|star|appreciated|please do|please|good|grand|super");
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
