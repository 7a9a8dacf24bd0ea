package org.ledgerlamp.server.minutes;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds lines by what they are known by elsewhere: their number, or their id. */
@Component
@Transactional(readOnly = true)
public class RecordedLines {
    private final MinutesRepository minutes;
    private final Lines lines;

    RecordedLines(MinutesRepository minutes, Lines lines) {
        this.minutes = minutes;
        this.lines = lines;
    }

    /** The line of this number in a folio, if it is of record. */
    public Optional<MinutesLine> numbered(UUID teamId, int folio, int number) {
        return minutes.findByTeamIdAndFolio(teamId, folio).flatMap(m -> lines.ofRecord(m.id(), number));
    }

    /** Those of these lines that the team has, of record or not. */
    public List<MinutesLine> known(UUID teamId, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : lines.findByTeamIdAndIdIn(teamId, ids);
    }
}
