package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.ledgerlamp.core.people.Person;

/** A ledger as it is held, but for the changes of its decisions, which a test tells. */
abstract class Unlinked implements LedgerView {
    private final LedgerView held;

    Unlinked(LedgerView held) {
        this.held = held;
    }

    @Override
    public LedgerWords words() {
        return held.words();
    }

    @Override
    public List<Person> people() {
        return held.people();
    }

    @Override
    public List<LampMeeting> likely(Sought sought, Wanted wanted, int most) {
        return held.likely(sought, wanted, most);
    }

    @Override
    public List<LampMeeting> held(Period period, String names, int most) {
        return held.held(period, names, most);
    }

    @Override
    public List<Promise> promises(Wanted wanted, Sought sought, LocalDate today, int most) {
        return held.promises(wanted, sought, today, most);
    }

    @Override
    public List<Change> changes(Period period, int most) {
        return List.of();
    }

    @Override
    public abstract Optional<Change> changed(String meeting, String line);
}
