package org.ledgerlamp.core.reading;

import java.util.ArrayList;
import java.util.List;

/** What the rules alone take for findings. {@link Weights} weigh these claims beside all else that is known. */
final class Claims {
    private Claims() {}

    static List<Finding> of(Talk talk) {
        List<Finding> claims = new ArrayList<>();
        if (talk.source().isNotes()) {
            claims.addAll(new NotesFinder(talk).find());
        } else {
            claims.addAll(new DecisionFinder(talk).find());
            claims.addAll(new ActionFinder(talk).find());
            claims.addAll(new QuestionFinder(talk).find());
            claims.addAll(new NewsFinder(talk).find());
        }
        return claims;
    }
}
