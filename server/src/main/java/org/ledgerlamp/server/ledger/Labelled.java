package org.ledgerlamp.server.ledger;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Which folio is filed under which labels. */
@Component
class Labelled {
    private final JdbcTemplate database;

    Labelled(JdbcTemplate database) {
        this.database = database;
    }

    Set<UUID> labelsOf(UUID folioId) {
        return new LinkedHashSet<>(database.queryForList(
                "select label_id from labelled where folio_id = ? order by label_id", UUID.class, folioId));
    }

    List<UUID> foliosUnder(UUID labelId) {
        return database.queryForList("select folio_id from labelled where label_id = ?", UUID.class, labelId);
    }

    /** @return those of the folios that were not filed there before */
    List<UUID> put(UUID labelId, Collection<UUID> folios) {
        List<UUID> fresh = new ArrayList<>();
        for (UUID folio : folios) {
            if (database.update("insert ignore into labelled (folio_id, label_id) values (?, ?)", folio, labelId) > 0) {
                fresh.add(folio);
            }
        }
        return fresh;
    }

    /** @return those of the folios that were filed there before */
    List<UUID> take(UUID labelId, Collection<UUID> folios) {
        List<UUID> taken = new ArrayList<>();
        for (UUID folio : folios) {
            if (database.update("delete from labelled where folio_id = ? and label_id = ?", folio, labelId) > 0) {
                taken.add(folio);
            }
        }
        return taken;
    }
}
