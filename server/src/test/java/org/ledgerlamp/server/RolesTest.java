package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.access.MembershipService;
import org.ledgerlamp.server.access.Role;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every route and every role: who is refused where. What no table names is for those who take part. */
class RolesTest extends ServerTest {
    /** Routes that are no member's alone; other tests walk them. */
    private static final Set<String> NOT_FOR_MEMBERS = Set.of(
            "/api/guest", "/api/shown", "/api/arrivals", "/api/welcome", "/api/due", "/api/setup", "/api/forgotten");

    /** What somebody who looks on may send. */
    private static final Set<String> LOOKING_ON = Set.of(
            "POST /api/ask",
            "POST /api/ask/file",
            "POST /api/tokens",
            "DELETE /api/tokens/{id}",
            "POST /api/views",
            "DELETE /api/views/{id}",
            "POST /api/feed",
            "DELETE /api/feed",
            "PUT /api/meetings/{id}/margin",
            "POST /api/remarks/{id}/seen",
            "POST /api/shorthand/tried",
            "POST /api/session/password",
            "POST /api/session/factor",
            "POST /api/session/factor/secret",
            "POST /api/session/factor/off",
            "DELETE /api/session/open",
            "DELETE /api/session/open/{id}");

    /** What only somebody who administers may send. */
    private static final Set<String> ADMINISTERING = Set.of(
            "POST /api/members",
            "PUT /api/members/{id}",
            "DELETE /api/members/{id}",
            "POST /api/members/{id}/link",
            "DELETE /api/members/{id}/factor",
            "PUT /api/post/account",
            "POST /api/post/account/trial",
            "POST /api/recorders",
            "DELETE /api/recorders/{id}",
            "POST /api/networks",
            "DELETE /api/networks/{id}",
            "POST /api/search-index/rebuild",
            "POST /api/ledger-rebuild",
            "GET /api/backups",
            "POST /api/backups",
            "GET /api/team-archives",
            "POST /api/team-archives",
            "GET /api/team-archives/{id}/file",
            "DELETE /api/team-archives/{id}",
            "GET /api/folios/{number}/erasing",
            "POST /api/folios/{number}/erasing");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    @Autowired
    private MembershipService membership;

    private record Route(String method, String path) {
        @Override
        public String toString() {
            return method + " " + path;
        }

        boolean reads() {
            return method.equals("GET");
        }
    }

    /** The audit trail is read by administrators alone. */
    private static boolean isTrail(Route route) {
        return route.path().startsWith("/api/audit");
    }

    private List<Route> routes() {
        List<Route> routes = new ArrayList<>();
        mapping.getHandlerMethods().forEach((info, method) -> {
            for (String path : info.getPatternValues()) {
                for (RequestMethod verb : info.getMethodsCondition().getMethods()) {
                    boolean forMembers =
                            path.startsWith("/api/") && NOT_FOR_MEMBERS.stream().noneMatch(path::startsWith);
                    if (forMembers && !path.equals("/api/live")) {
                        routes.add(new Route(verb.name(), path));
                    }
                }
            }
        });
        return routes;
    }

    private int status(Desk desk, Route route) throws Exception {
        String aimed = route.path()
                .replace("{number}", "7")
                .replace("{revision}", "2")
                .replace("{kind}", "ACTION")
                .replaceAll("\\{\\w+}", "018f0000-0000-7000-8000-000000000000");
        return desk.send(route.method(), aimed, "{}").status();
    }

    private Desk with(Role role) {
        Desk colleague = colleague(role.name());
        membership.changeRole(desk.who().teamId(), colleague.who().memberId(), role);
        return colleague;
    }

    @Test
    void somebody_who_looks_on_reads_everything_and_sends_only_questions_and_what_is_their_own() throws Exception {
        Desk reader = with(Role.LOOKS_ON);
        for (Route route : routes()) {
            boolean reads = route.reads() && !isTrail(route) && !ADMINISTERING.contains(route.toString());
            boolean allowed = reads || LOOKING_ON.contains(route.toString());
            assertThat(status(reader, route) != 403).as(route.toString()).isEqualTo(allowed);
            if (route.toString().equals("DELETE /api/session/open")) {
                reader = with(Role.LOOKS_ON); // signed out everywhere
            }
        }
    }

    @Test
    void somebody_who_takes_part_does_all_but_what_concerns_the_team_as_a_whole() throws Exception {
        Desk member = with(Role.TAKES_PART);
        for (Route route : routes()) {
            if (ADMINISTERING.contains(route.toString()) || isTrail(route)) {
                assertThat(status(member, route)).as(route.toString()).isEqualTo(403);
            } else if (!route.toString().startsWith("DELETE /api/session")) {
                assertThat(status(member, route)).as(route.toString()).isNotEqualTo(403);
            }
        }
    }

    @Test
    void somebody_who_administers_is_refused_nowhere() throws Exception {
        Desk administrator = with(Role.ADMINISTERS);
        for (Route route : routes()) {
            if (!route.toString().startsWith("DELETE /api/session")) {
                assertThat(status(administrator, route)).as(route.toString()).isNotEqualTo(403);
            }
        }
    }

    @Test
    void somebody_who_was_removed_is_refused_everywhere() throws Exception {
        Desk removed = with(Role.TAKES_PART);
        desk.remove("/api/members/{id}", removed.who().memberId());
        for (Route route : routes()) {
            if (!route.path().equals("/api/session")) {
                assertThat(status(removed, route)).as(route.toString()).isEqualTo(401);
            }
        }
    }
}
