package org.ledgerlamp.core.lamp;

import java.util.List;
import org.ledgerlamp.core.people.Person;

/**
 * How a question was read. Each part is shown to whoever asked and can be changed.
 *
 * @param aim what it is after
 * @param form the form the answer is to take
 * @param about the words that tell the subject, as asked; blank where none do
 * @param people who it is about, in order; empty where nobody is named
 * @param period the days it is about, or null
 * @param meetings words that tell which meetings, such as "steering", or null
 * @param onlyOpen whether only what is still open is wanted
 * @param onlyOverdue whether only what is overdue is wanted
 * @param onlyChanged whether only decisions are wanted that were changed or withdrawn later
 * @param also a second question asked in the same breath, in its words, or null
 */
public record Wanted(
        Aim aim,
        Form form,
        String about,
        List<Person> people,
        Period period,
        String meetings,
        boolean onlyOpen,
        boolean onlyOverdue,
        boolean onlyChanged,
        String also) {
    public Wanted {
        people = List.copyOf(people);
    }

    /** The same, about something else. */
    public Wanted about(String other) {
        return new Wanted(aim, form, other, people, period, meetings, onlyOpen, onlyOverdue, onlyChanged, also);
    }
}
