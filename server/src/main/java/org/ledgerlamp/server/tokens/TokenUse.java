package org.ledgerlamp.server.tokens;

import static org.springframework.http.HttpMethod.GET;
import static org.springframework.http.HttpMethod.POST;
import static org.springframework.http.HttpMethod.PUT;

import java.util.List;
import org.springframework.http.HttpMethod;

/** What a token may be used for: the requests that go with it, and no other. */
enum TokenUse {
    /** To search, to ask, and to read folios and registers. */
    LOOK(
            new Route(GET, "/api/lamp"),
            new Route(POST, "/api/ask"),
            new Route(GET, "/api/ledger"),
            new Route(GET, "/api/folios/*"),
            new Route(GET, "/api/folios/*/paper"),
            new Route(GET, "/api/registers/*"),
            new Route(GET, "/api/registers/*/file")),
    /** To hand sources in with what is known of their meeting. */
    BRING(
            new Route(POST, "/api/hand-ins"),
            new Route(GET, "/api/meetings"),
            new Route(GET, "/api/meetings/series"),
            new Route(GET, "/api/meetings/*"),
            new Route(GET, "/api/sources/*")),
    /** To have minutes drafted, and to read and correct the draft. */
    DRAFT(
            new Route(POST, "/api/meetings/*/minutes"),
            new Route(GET, "/api/draftings/*"),
            new Route(GET, "/api/minutes/*"),
            new Route(PUT, "/api/lines/*")),
    /** To file drafts into the ledger. */
    FILE(new Route(GET, "/api/minutes/*"), new Route(POST, "/api/minutes/*/folio"));

    /** A request: how, and to which path; a star stands for one part of it. */
    record Route(HttpMethod method, String path) {}

    private final List<Route> routes;

    TokenUse(Route... routes) {
        this.routes = List.of(routes);
    }

    List<Route> routes() {
        return routes;
    }

    /** How the use is called where authorities are. */
    String authority() {
        return "USE_" + name();
    }
}
