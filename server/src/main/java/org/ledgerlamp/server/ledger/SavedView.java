package org.ledgerlamp.server.ledger;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.TeamOwned;

/** A view of the ledger that a member keeps under a name. */
@Entity
class SavedView extends TeamOwned {
    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    private String name;
    private String query;

    protected SavedView() {}

    SavedView(SignedIn who, String name) {
        super(who.teamId());
        this.memberId = who.memberId();
        this.name = name;
    }

    void show(String as) {
        query = as;
    }

    String name() {
        return name;
    }

    String query() {
        return query;
    }
}
