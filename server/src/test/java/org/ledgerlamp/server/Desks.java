package org.ledgerlamp.server;

import java.util.UUID;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.stereotype.Component;
import org.springframework.test.web.servlet.MockMvc;

/** Makes teams for tests. */
@Component
class Desks {
    static final String PASSWORD = "a long password";

    private final AccessService access;
    private final MockMvc http;

    Desks(AccessService access, MockMvc http) {
        this.access = access;
        this.http = http;
    }

    Desk newTeam() {
        String tag = UUID.randomUUID().toString();
        SignedIn who =
                access.createMember(access.createTeam("Team " + tag), "Mira Voss", tag + "@skerry.example", PASSWORD);
        return new Desk(http, who);
    }

    /** Another member of the same team. */
    Desk colleagueOf(Desk desk, String name) {
        return new Desk(
                http, access.createMember(desk.who().teamId(), name, UUID.randomUUID() + "@skerry.example", PASSWORD));
    }
}
