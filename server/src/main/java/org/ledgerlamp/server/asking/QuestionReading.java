package org.ledgerlamp.server.asking;

import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.Aim;
import org.ledgerlamp.core.lamp.Form;
import org.ledgerlamp.core.lamp.Period;
import org.ledgerlamp.core.lamp.Wanted;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.server.common.Refusal;

/**
 * How a question was read, in parts that can be changed.
 *
 * @param people full names of who it is about
 * @param from first day it is about, or null
 * @param to last day it is about, or null
 * @param meetings words that tell which meetings, or null
 * @param also a second question asked in the same breath, in its words, or null
 */
record QuestionReading(
        Aim aim,
        Form form,
        @Size(max = 300) String about,
        List<String> people,
        @Nullable LocalDate from,
        @Nullable LocalDate to,
        @Nullable String meetings,
        boolean onlyOpen,
        boolean onlyOverdue,
        boolean onlyChanged,
        @Nullable @Size(max = 300) String also) {
    static QuestionReading of(Wanted wanted) {
        return new QuestionReading(
                wanted.aim(),
                wanted.form(),
                wanted.about(),
                wanted.people().stream().map(Person::name).toList(),
                wanted.period() == null ? null : wanted.period().from(),
                wanted.period() == null ? null : wanted.period().to(),
                wanted.meetings(),
                wanted.onlyOpen(),
                wanted.onlyOverdue(),
                wanted.onlyChanged(),
                wanted.also());
    }

    Wanted wanted(List<Person> roster) {
        if ((from == null) != (to == null) || from != null && to.isBefore(from)) {
            throw Refusal.invalid("A period has a first and a last day, in this order.");
        }
        Map<String, Person> byName =
                roster.stream().collect(Collectors.toMap(Person::name, Function.identity(), (a, b) -> a));
        List<Person> who = people.stream()
                .map(name -> {
                    Person person = byName.get(name);
                    if (person == null) {
                        throw Refusal.invalid("Nobody on the roster is called “" + name + "”.");
                    }
                    return person;
                })
                .toList();
        Period period = from == null ? null : new Period(from, to, "");
        return new Wanted(
                aim,
                form,
                about,
                who,
                period,
                meetings,
                onlyOpen,
                onlyOverdue,
                onlyChanged,
                also == null || also.isBlank() ? null : also);
    }
}
