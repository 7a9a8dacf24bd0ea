package org.ledgerlamp.server.outgoing;

import java.io.IOException;

/** A host in a network that the team may not connect to. */
public final class ForbiddenAddress extends IOException {
    private static final long serialVersionUID = 1L;

    ForbiddenAddress(String host) {
        super(host
                + " is inside a network that is not open to connections from here. An administrator can allow it under"
                + " settings, networks.");
    }
}
