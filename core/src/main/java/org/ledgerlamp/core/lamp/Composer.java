package org.ledgerlamp.core.lamp;

import java.util.List;

/** Puts an answer of one kind together. */
interface Composer {
    /** What the ledger says; empty where this composer finds nothing, so that another is asked. */
    List<Statement> compose(Asked asked);

    /** Who is asked, in order. */
    static List<Composer> of(Wanted wanted) {
        return switch (wanted.aim()) {
            case ACTION -> List.of(new HowMany(), new Promises(), new Passages());
            case ATTENDANCE -> List.of(new WhoWasThere());
            case MEETING -> List.of(new HowMany(), new MeetingsInShort(), new Passages());
            case DECISION -> List.of(new HowMany(), new DecisionsTaken(), new Passages());
            case CHANGE -> List.of(new ThroughTime(), new Passages());
            case REASON -> List.of(new Reasons(), new Passages());
            case OBJECTION -> List.of(new ForAndAgainst(), new Objections(), new Passages());
            case QUESTION, RISK -> List.of(new HowMany(), new LinesOfKind(), new Passages());
            case SAYING -> List.of(new Everything(), new Passages());
            default -> List.of(new Passages());
        };
    }
}
