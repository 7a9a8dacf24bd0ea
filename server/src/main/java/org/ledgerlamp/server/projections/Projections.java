package org.ledgerlamp.server.projections;

import java.util.List;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Tells every projection of every change. Where one fails, the change does not happen. */
@Component
class Projections {
    private final List<Projection> all;

    Projections(List<Projection> all) {
        this.all = all;
    }

    List<Projection> all() {
        return all;
    }

    @EventListener
    void changed(FolioChanged folio) {
        all.forEach(p -> p.on(folio));
    }
}
