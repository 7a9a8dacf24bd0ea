package org.ledgerlamp.core.reading;

import java.util.regex.Pattern;
import org.ledgerlamp.core.people.Mention;
import org.ledgerlamp.core.people.Person;

/** Tells people who are called by name from people who are talked about. */
final class Calls {
    private static final Pattern BEFORE_A_CALL =
            Pattern.compile("(?i)(?:(?:and|so|okay|ok|right|well|then|but|now|yes|no|thanks|hi|hello|morning),?\\s*)*");
    private static final Pattern BEFORE_A_REQUEST =
            Pattern.compile("(?i)(?:(?:and|so|okay|ok|right|well|then|but|now|yes|thanks),?\\s*)*");
    /** Automatic transcriptions write no commas: "ruth could you find out". */
    private static final Pattern ASKED = Pattern.compile("(?i)(?:can|could|will|would) you\\b.*");

    private static final Pattern ASKED_AMID = Pattern.compile("(?i),\\s*(?:you|can you|could you|will you)\\b.*");
    private static final Pattern NOTHING_MORE = Pattern.compile("[,.?!]*(?:\\s*please[.?!]*)?");
    private static final Pattern AFTER_A_CALL = Pattern.compile("\\s*(?:[,.?!].*)?", Pattern.DOTALL);

    private Calls() {}

    /** Whether {@code m} calls the person rather than tells of them: at an end of a sentence, parted by a comma. */
    static boolean isCall(String text, Mention m) {
        String before = text.substring(0, m.start()).strip();
        String after = text.substring(m.end());
        boolean opens = BEFORE_A_CALL.matcher(before).matches() || before.matches("(?s).*[.?!]");
        return (opens || before.endsWith(",")) && AFTER_A_CALL.matcher(after).matches();
    }

    /** The person a sentence is said to: called by name at its beginning or end. */
    static Person addressee(Sentence s) {
        for (Mention mention : s.mentions()) {
            String before = s.text().substring(0, mention.start()).strip();
            String after = s.text().substring(mention.end()).strip();
            boolean first = BEFORE_A_REQUEST.matcher(before).matches();
            boolean asked = ASKED.matcher(after).matches()
                    || before.endsWith(",") && ASKED_AMID.matcher(after).matches();
            boolean opens = first && after.startsWith(",") || asked;
            boolean closes = (before.endsWith(",") || before.isEmpty())
                    && NOTHING_MORE.matcher(after).matches();
            if ((opens || closes) && !mention.person().equals(s.speaker())) {
                return mention.person();
            }
        }
        return null;
    }
}
