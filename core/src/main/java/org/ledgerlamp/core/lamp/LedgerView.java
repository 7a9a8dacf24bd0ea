package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.ledgerlamp.core.people.Person;

/** What the lamp sees of a ledger: what whoever asks may read, and no more. Whoever keeps a ledger hands this in. */
public interface LedgerView {
    /** The ledger's words. */
    LedgerWords words();

    /** Everybody who may be meant. */
    List<Person> people();

    /**
     * The meetings most likely to speak of what is sought, in any order.
     *
     * @param most how many at most
     */
    List<LampMeeting> likely(Sought sought, Wanted wanted, int most);

    /**
     * Meetings held in a period, earliest first; of more than are wanted the latest. They may come without their talk: with
     * what was recorded and who was there.
     *
     * @param period or null for all
     * @param names words that the meeting's title, series or kind holds, or null
     * @param most how many at most
     */
    List<LampMeeting> held(Period period, String names, int most);

    /**
     * The actions that are wanted, chosen and sorted by {@link WantedPromises}.
     *
     * @param today the day of asking
     * @param most how many at most
     */
    List<Promise> promises(Wanted wanted, Sought sought, LocalDate today, int most);

    /**
     * Decisions of a period that changed or withdrew an earlier one, in order.
     *
     * @param period or null for all
     * @param most how many at most
     */
    List<Change> changes(Period period, int most);

    /**
     * The decision that changed or withdrew another since.
     *
     * @param meeting id of the meeting that took the earlier one
     * @param line id of its line
     */
    Optional<Change> changed(String meeting, String line);
}
