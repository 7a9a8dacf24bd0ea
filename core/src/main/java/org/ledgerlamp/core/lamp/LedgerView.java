package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.List;
import org.ledgerlamp.core.ledger.DecisionLink;
import org.ledgerlamp.core.people.Person;

/** What the lamp sees of a ledger: what whoever asks may read, and no more. Whoever keeps a ledger hands this in. */
public interface LedgerView {
    /** The ledger's words. */
    LedgerWords words();

    /** Everybody who may be meant. */
    List<Person> people();

    /**
     * The meetings most likely to speak of what is sought, the likeliest first.
     *
     * @param most how many at most
     */
    List<LampMeeting> likely(Sought sought, Wanted wanted, int most);

    /**
     * Meetings held in a period, earliest first.
     *
     * @param period or null for all
     * @param names words that the meeting's title, series or kind holds, or null
     */
    List<LampMeeting> held(Period period, String names);

    /** The actions of the ledger and what became of them, in the order they were recorded. */
    List<Promise> promises();

    /** Which decision changes, withdraws or confirms which, in order. */
    List<DecisionLink> links();

    /** The day of the latest meeting; the day of asking is none before it. */
    LocalDate latest();
}
