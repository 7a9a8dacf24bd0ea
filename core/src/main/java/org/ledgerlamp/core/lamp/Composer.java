package org.ledgerlamp.core.lamp;

import java.util.List;

/** Puts an answer of one kind together. */
interface Composer {
    /** What the ledger says; empty where this composer finds nothing, so that another is asked. */
    List<Statement> compose(Asked asked);

    /** Who is asked, in order. */
    static List<Composer> of(Wanted wanted) {
        return switch (wanted.aim()) {
            case ACTION -> List.of(new Promises(), new Passages());
            case ATTENDANCE -> List.of(new WhoWasThere(), new Passages());
            case MEETING -> List.of(new MeetingsInShort(), new Passages());
            case DECISION -> List.of(new DecisionsTaken(), new Passages());
            case CHANGE -> List.of(new ThroughTime(), new Passages());
            case REASON -> List.of(new Reasons(), new Passages());
            case OBJECTION -> List.of(new Objections(), new Passages());
            case QUESTION, RISK -> List.of(new LinesOfKind(), new Passages());
            default -> List.of(new Passages());
        };
    }
}
