package org.ledgerlamp.core.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Two questions asked in one breath: "when did it close, and how much did it raise?"
 *
 * @param first the first of them, which stands for itself
 * @param second the other, which may lean on the first
 */
record TwoInOne(String first, String second) {
    private static final String ASKING =
            "(?:when|who|whom|why|how|what|which|where|is|are|was|were|did|do|does|has|have|had"
                    + "|can|could|will|would|should)\\b";
    private static final Pattern BORDER = Pattern.compile(
            "(?:,? (?:and|or|but)|[?,;]) (?=(?:and )?(?:also |if so,? |then )?" + ASKING + ")",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ASKS = Pattern.compile(
            "^(?:and |so |but |please )*(?:" + ASKING
                    + "|(?:summari[sz]e|list|show|tell)\\b)|\\b(?:what|when|who|why|how|which)(?:'?s)?\\b",
            Pattern.CASE_INSENSITIVE);

    /**
     * The two, where a question is two. What only names a subject first ("the roof, is it done?") is one, and so is what
     * asks for more of the same fact ("and since when?").
     */
    static Optional<TwoInOne> of(String question) {
        Matcher border = BORDER.matcher(question);
        while (border.find()) {
            String first = question.substring(0, border.start()).strip();
            if (ASKS.matcher(first).find()) {
                return Optional.of(
                        new TwoInOne(first, question.substring(border.end()).strip()));
            }
        }
        return Optional.empty();
    }

    /** What the ledger says to two questions, as one answer; where it says only one, it tells which it does not. */
    Answer together(Answer one, Answer other) {
        if (!one.answered() && !other.answered()) {
            return one;
        }
        List<Statement> statements = new ArrayList<>();
        Stream.of(one, other).filter(Answer::answered).map(Answer::statements).forEach(statements::addAll);
        String notSaid = !one.answered() ? first : !other.answered() ? second : null;
        return new Answer(one.askedOn(), one.wanted(), true, Repeats.without(statements), notSaid);
    }
}
