package org.ledgerlamp.server.outgoing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.ledgerlamp.server.common.TeamOwned;

/** A network behind our own walls that a team's connections may go to. */
@Entity
@Table(name = "allowed_network")
class AllowedNetwork extends TeamOwned {
    @Column(updatable = false)
    private String network;

    protected AllowedNetwork() {}

    AllowedNetwork(UUID teamId, Network network) {
        super(teamId);
        this.network = network.toString();
    }

    Network network() {
        return Network.of(network);
    }
}
