package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.List;

/** A question on its way to an answer. What costs time is done once, when it is needed. */
final class Asked {
    private static final int MEETINGS_READ = 12;

    private final String question;
    private final Wanted wanted;
    private final Sought sought;
    private final LocalDate today;
    private final LedgerView ledger;
    private final Room room;
    private List<Found> found;

    Asked(String question, Wanted wanted, Sought sought, LocalDate today, LedgerView ledger, Room room) {
        this.question = question;
        this.wanted = wanted;
        this.sought = sought;
        this.today = today;
        this.ledger = ledger;
        this.room = room;
    }

    String question() {
        return question;
    }

    Wanted wanted() {
        return wanted;
    }

    Sought sought() {
        return sought;
    }

    LocalDate today() {
        return today;
    }

    LedgerView ledger() {
        return ledger;
    }

    Room room() {
        return room;
    }

    /** The sentences that answer it best, best first. */
    List<Found> found() {
        if (found == null) {
            found = PlaceFinder.among(ledger.likely(sought, wanted, MEETINGS_READ), sought, wanted);
        }
        return found;
    }
}
