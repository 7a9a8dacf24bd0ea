package org.ledgerlamp.server.projections;

import java.util.UUID;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.ledgerlamp.server.minutes.Minutes;

/** Something that is kept of every folio beside it. It follows from the folio, what was done about it and said of it. */
public interface Projection {
    /** Follows a change, within its transaction. */
    void on(FolioChanged change);

    /** Keeps what there is to keep of a folio anew, whatever was kept before; within a transaction. */
    void rebuild(Minutes folio);

    /** Lets go of whatever is kept of a team's folios that are none any more; within a transaction. */
    void tidy(UUID teamId);
}
