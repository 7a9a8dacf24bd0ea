package org.ledgerlamp.server.asking;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.lamp.LampMeeting;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.ledger.Said;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.references.ReferenceNote;
import org.ledgerlamp.server.references.ReferenceService;
import org.springframework.stereotype.Component;

/** Reference notes as the lamp reads them: paragraph by paragraph, said by nobody, under the note's day and id. */
@Component
class LitNotes {
    private final ReferenceService references;

    LitNotes(ReferenceService references) {
        this.references = references;
    }

    /** The notes of these numbers. */
    List<ReferenceNote> numbered(UUID teamId, List<Integer> numbers) {
        return references.numbered(teamId, numbers);
    }

    /** The notes of these ids. */
    List<ReferenceNote> all(UUID teamId, List<UUID> ids) {
        return references.all(teamId, ids);
    }

    LampMeeting lit(ReferenceNote note, List<Person> roster) {
        List<Said> paragraphs = new ArrayList<>();
        for (ReferenceLine line : references.lines(note)) {
            paragraphs.add(new Said(paragraphs.size(), null, line.text()));
        }
        return new LampMeeting(
                new FiledMeeting(
                        note.id().toString(),
                        note.dated(),
                        null,
                        roster.stream().map(Person::name).toList(),
                        paragraphs,
                        List.of()),
                note.title(),
                null,
                roster,
                List.of());
    }
}
