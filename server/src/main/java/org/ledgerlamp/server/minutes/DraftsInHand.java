package org.ledgerlamp.server.minutes;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What drafts are called in a list, and how far they have come: much less to read than the drafts. */
@Component
@Transactional(readOnly = true)
public class DraftsInHand {
    private final MinutesRepository minutes;

    DraftsInHand(MinutesRepository minutes) {
        this.minutes = minutes;
    }

    /**
     * A draft.
     *
     * @param pencil lines nobody has looked at yet
     * @param ink lines that count
     */
    public record DraftInHand(UUID minutesId, String title, LocalDate date, long pencil, long ink) {}

    /** A team's, newest meeting first. */
    public List<DraftInHand> of(UUID teamId) {
        return minutes.draftsInHand(teamId);
    }
}
