package org.ledgerlamp.core.lamp;

import java.time.LocalDate;
import java.util.List;

/** Answers questions from a ledger, by what was recorded and said there; or says that the ledger does not say. */
public final class Lamp {
    private final LedgerView ledger;

    public Lamp(LedgerView ledger) {
        this.ledger = ledger;
    }

    /**
     * Reads a question.
     *
     * @param today the day it is asked on
     */
    public Wanted read(String question, LocalDate today) {
        return new QuestionReader(ledger.people()).read(question, today);
    }

    /**
     * Reads a question that may lean on the one before it, such as "and who objected?".
     *
     * @param before how the one before it was read
     * @param today the day it is asked on
     */
    public Wanted readAfter(Wanted before, String question, LocalDate today) {
        return FollowUp.completed(question, read(question, today), before);
    }

    /**
     * Answers a question.
     *
     * @param today the day it is asked on
     */
    public Answer ask(String question, LocalDate today) {
        return ask(question, read(question, today), today);
    }

    /**
     * Answers a question that was read, or whose reading was changed.
     *
     * @param wanted what is wanted; of a question that asks two things at once the second is asked where it names it
     * @param today the day it is asked on
     */
    public Answer ask(String question, Wanted wanted, LocalDate today) {
        String first = TwoInOne.of(question).map(TwoInOne::first).orElse(question);
        if (wanted.also() == null) {
            return ask(first, wanted, today, Room.WHOLE);
        }
        TwoInOne two = new TwoInOne(first, wanted.also());
        Wanted other = readAfter(wanted, two.second(), today);
        return two.together(
                ask(two.first(), wanted, today, Room.FIRST_OF_TWO),
                ask(two.second() + " " + other.about(), other, today, Room.SECOND_OF_TWO));
    }

    private Answer ask(String question, Wanted wanted, LocalDate today, Room room) {
        Sought sought = Sought.of(question, wanted, ledger.words());
        Asked asked = new Asked(question, wanted, sought, today, ledger, room);
        for (Composer composer : Composer.of(wanted)) {
            List<Statement> statements = composer.compose(asked);
            if (!statements.isEmpty()) {
                return new Answer(today, wanted, true, Repeats.without(statements));
            }
        }
        return new Answer(today, wanted, false, Passages.nearest(asked));
    }
}
