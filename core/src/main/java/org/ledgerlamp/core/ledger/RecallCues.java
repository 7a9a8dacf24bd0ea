package org.ledgerlamp.core.ledger;

import java.util.regex.Pattern;

/** Turns of phrase with which people come back to what was to be done. */
final class RecallCues {
    /** Tells how something went: "it went off on the fifth", "I've rung them twice", "not yet". */
    private static final Pattern REPORT = phrases(
            """
            i've|i have|i did|i didn't|i haven't|haven't|hasn't|we've|has|have|had|done|isn't done|not done|sent|went|came
            |got|rang|spoke|wrote|booked|signed|found|said|finished|it's in|is in|are in|back from|still|not yet|dropped
            |drop|cancel|never|measured|paid|ordered|put in|made|asked|told|fixed|sorted|arranged|submitted|chased""");
    /** Points back: "I said end of February", "have you heard from Tam", "you were to". */
    private static final Pattern REMINDER = phrases(
            """
            i said|you said|said (?:i|you|he|she|they)(?:'d| would)|was going to|were going to|supposed to|meant to|promised
            |i was to|you were to|did you|have you|has (?:he|she|anybody|anyone|it)|how did|what about|what happened
            |where are we|any news|any word|did (?:he|she|they|we|that)|is (?:it|that) done|last time|as i said|the one you""");
    /** A matter that is called up takes no more words than this: "And Fergus's note?". */
    private static final int LONGEST_CALL = 6;

    private static final double ELSEWHERE_IN_THE_PASSAGE = 0.5;
    private static final double OF_A_REPORT = 0.6;
    private static final double OF_A_CALL = 0.6;

    private RecallCues() {}

    private static Pattern phrases(String any) {
        return Phrases.any("\\b", any, "\\b");
    }

    /**
     * How much a sentence sounds like coming back to something, 0 to 1.
     *
     * @param tells whether words of what may be meant are near
     */
    static double of(String sentence, String passage, boolean tells) {
        String plain = sentence.replace('’', '\'');
        String all = passage.replace('’', '\'');
        double called = tells && sentence.split("\\s+").length <= LONGEST_CALL ? OF_A_CALL : 0;
        return Math.min(1, found(REMINDER, plain, all) + OF_A_REPORT * found(REPORT, plain, all) + called);
    }

    private static double found(Pattern cue, String sentence, String passage) {
        if (cue.matcher(sentence).find()) {
            return 1;
        }
        return cue.matcher(passage).find() ? ELSEWHERE_IN_THE_PASSAGE : 0;
    }
}
