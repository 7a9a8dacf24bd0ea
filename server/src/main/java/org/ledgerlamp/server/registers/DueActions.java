package org.ledgerlamp.server.registers;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.exchange.DueDaysFile;
import org.ledgerlamp.server.common.OwnAddress;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody has to do by a day. */
@Service
@Transactional(readOnly = true)
public class DueActions {
    private static final int MOST = 2000;

    private final EntityManager entities;
    private final OwnAddress address;

    DueActions(EntityManager entities, OwnAddress address) {
        this.entities = entities;
        this.address = address;
    }

    /** The open actions of a person that have a day, the earliest due first. */
    public List<DueDaysFile.Due> openWithDay(UUID teamId, UUID personId) {
        return entities
                .createQuery(
                        "select e from RegisterEntry e where e.teamId = :team and e.kind = ACTION and e.ownerId = :owner"
                                + " and e.open = true and e.due is not null order by e.dueKey, e.folio, e.number",
                        RegisterEntry.class)
                .setParameter("team", teamId)
                .setParameter("owner", personId)
                .setMaxResults(MOST)
                .getResultList()
                .stream()
                .map(e -> new DueDaysFile.Due(
                        e.id() + "@ledger-lamp",
                        e.folio() + "." + e.number(),
                        e.text(),
                        e.due(),
                        e.heldOn(),
                        address.of("/folio/" + e.folio() + "#" + e.folio() + "." + e.number())))
                .toList();
    }
}
