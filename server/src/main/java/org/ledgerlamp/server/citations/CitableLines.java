package org.ledgerlamp.server.citations;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.minutes.RecordedLines;
import org.ledgerlamp.server.references.ReferenceLine;
import org.ledgerlamp.server.references.ReferenceNote;
import org.ledgerlamp.server.references.ReferenceService;
import org.springframework.stereotype.Component;

/** Finds the lines of the ledger that can be cited. */
@Component
class CitableLines {
    private final MinutesService minutes;
    private final RecordedLines lines;
    private final ReferenceService references;

    CitableLines(MinutesService minutes, RecordedLines lines, ReferenceService references) {
        this.lines = lines;
        this.minutes = minutes;
        this.references = references;
    }

    /** The line of this number, if it is of record. */
    Optional<CitedLine> numbered(UUID teamId, int folio, int number) {
        return lines.numbered(teamId, folio, number)
                .map(line -> CitedLine.of(line, minutes.one(teamId, line.minutesId())))
                .or(() -> Optional.ofNullable(references.line(teamId, folio, number))
                        .map(line -> CitedLine.of(line, references.one(teamId, folio))));
    }

    /** These lines as they stand, by id; of record or not. */
    Map<UUID, CitedLine> all(UUID teamId, Collection<UUID> ids) {
        List<MinutesLine> cited = lines.known(teamId, ids);
        Map<UUID, Minutes> of =
                minutes.all(teamId, cited.stream().map(MinutesLine::minutesId).collect(Collectors.toSet())).stream()
                        .collect(Collectors.toMap(Minutes::id, Function.identity()));
        Map<UUID, CitedLine> found = new HashMap<>();
        cited.forEach(line -> found.put(line.id(), CitedLine.of(line, of.get(line.minutesId()))));
        List<ReferenceLine> paragraphs = references.lines(teamId, ids);
        Map<UUID, ReferenceNote> notes =
                references
                        .all(
                                teamId,
                                paragraphs.stream().map(ReferenceLine::noteId).collect(Collectors.toSet()))
                        .stream()
                        .collect(Collectors.toMap(ReferenceNote::id, Function.identity()));
        paragraphs.forEach(p -> found.put(p.id(), CitedLine.of(p, notes.get(p.noteId()))));
        return found;
    }
}
