package org.ledgerlamp.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Evidence;

/**
 * A meeting as it stands in the ledger.
 *
 * @param id what it is known by
 * @param date the day it was held
 * @param series the series it belongs to, or null
 * @param people full names of everybody who may be meant
 * @param talk what was said, {@code talk.get(i).n() == i}; empty where there is no source
 * @param lines what was recorded
 */
public record FiledMeeting(
        String id, LocalDate date, String series, List<String> people, List<Said> talk, List<FiledLine> lines) {
    public FiledMeeting {
        people = List.copyOf(people);
        talk = List.copyOf(talk);
        lines = List.copyOf(lines);
    }

    /** A draft as if it were filed as it is. Its lines are known by the meeting's id and their number, {@code id.4}. */
    public static FiledMeeting of(String id, Draft draft) {
        List<Said> talk = Said.in(draft.reading().source(), draft.meeting().people());
        List<FiledLine> lines = new ArrayList<>();
        for (Line line : draft.lines()) {
            List<Evidence> talked = line.evidence().stream()
                    .filter(e -> e.origin() == Evidence.Origin.TALK)
                    .toList();
            lines.add(new FiledLine(
                    id + "." + (lines.size() + 1),
                    line.kind(),
                    line.text(),
                    line.owner(),
                    line.due(),
                    line.certainty(),
                    talked.isEmpty() ? -1 : talked.getFirst().utterance(),
                    talked.stream().map(Evidence::quote).toList()));
        }
        return new FiledMeeting(
                id,
                draft.meeting().date(),
                draft.meeting().series(),
                draft.meeting().roster().stream().map(Person::name).toList(),
                talk,
                lines);
    }

    /** Stems of the names of everybody who may be meant: they tell who, not what. */
    Set<String> nameStems() {
        return people.stream().flatMap(name -> Stems.of(name).stream()).collect(Collectors.toSet());
    }
}
