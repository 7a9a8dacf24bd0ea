package org.ledgerlamp.server.minutes;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A team's folios, one after the other. */
@Component
@Transactional(readOnly = true)
public class FoliosByNumber {
    private final MinutesRepository minutes;

    FoliosByNumber(MinutesRepository minutes) {
        this.minutes = minutes;
    }

    /** How many there are. */
    public int count(UUID teamId) {
        return minutes.countByTeamIdAndFolioIsNotNull(teamId);
    }

    /** The one with the lowest number above another. */
    public Optional<Minutes> after(UUID teamId, int number) {
        return minutes.findFirstByTeamIdAndFolioGreaterThanOrderByFolio(teamId, number);
    }
}
