package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Walks every route there is: none is open to nobody, none shows or changes what is another team's. */
class RoutesTest extends ServerTest {
    /** The routes that somebody without account needs. Any other has to refuse. */
    private static final Set<String> OPEN = Set.of(
            "GET /api/session",
            "POST /api/setup",
            "POST /api/forgotten",
            "POST /api/shown/{token}",
            "POST /api/welcome/{key}",
            "GET /api/due/{key}");

    private static final String SECRET = "xylophone";

    /** Stands in the private margin alone. */
    private static final String PRIVATE = "marigold";

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    private final Map<String, String> ids = new LinkedHashMap<>();

    private record Route(String method, String path) {
        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    @BeforeEach
    void somethingToFind() throws Exception {
        String person = desk.person("Secret " + SECRET);
        String meeting = desk.meeting("Secret " + SECRET, person);
        String source = desk.drop("secret.txt", "Mira: We agreed on the " + SECRET + ". I'll tune the " + SECRET + ".")
                .text("/0/source/id");
        desk.place(source, meeting);
        desk.write("/api/meetings/{id}/margin", 0, "{\"text\":\"" + PRIVATE + "\"}", meeting);
        desk.type(meeting, SECRET + " on the page");
        Desk.Answer begun = desk.create("/api/meetings/{id}/minutes", "{}", meeting);
        Desk.Answer minutes = desk.drafted(begun);
        ids.put("draftings", begun.text("/id"));
        ids.put("people", person);
        ids.put("meetings", meeting);
        ids.put("sources", source);
        ids.put("minutes", minutes.text("/id"));
        ids.put("lines", minutes.text("/lines/0/id"));
        ids.put("remarks", UUID.randomUUID().toString());
        ids.put("connections", UUID.randomUUID().toString());
        ids.put("letters", UUID.randomUUID().toString());
        ids.put(
                "attachments",
                desk.attach(meeting, "secret.txt", SECRET.getBytes(StandardCharsets.UTF_8))
                        .text("/id"));
        ids.put("access", UUID.randomUUID().toString());
        ids.put("guest", UUID.randomUUID().toString());
        ids.put("excerpts", UUID.randomUUID().toString());
        ids.put("templates", UUID.randomUUID().toString());
        ids.put("recorders", UUID.randomUUID().toString());
        ids.put("recordings", UUID.randomUUID().toString());
        ids.put("acts", UUID.randomUUID().toString());
        ids.put("links", UUID.randomUUID().toString());
        for (String other : List.of(
                "labels", "views", "imports", "import-items", "tokens", "kept", "networks", "members", "session")) {
            ids.put(other, UUID.randomUUID().toString());
        }
        ids.put("attendance", minutes.text("/attendance/0/id"));
        ids.put(
                "team-archives",
                desk.create("/api/team-archives", "{\"passphrase\":\"lantern over the slipway\"}")
                        .text("/id"));
    }

    private List<Route> routes() {
        List<Route> routes = new ArrayList<>();
        mapping.getHandlerMethods().forEach((info, method) -> {
            for (String path : info.getPatternValues()) {
                for (RequestMethod verb : info.getMethodsCondition().getMethods()) {
                    if (path.startsWith("/api/")) {
                        routes.add(new Route(verb.name(), path));
                    }
                }
            }
        });
        return routes;
    }

    /** The path with the first team's own ids in it. */
    private String aimed(Route route) {
        String kind = route.path().split("/")[2];
        boolean letsGo = route.toString().equals("DELETE /api/meetings/{id}/matters");
        return route.path()
                        .replace("{id}", ids.getOrDefault(kind, "none"))
                        .replace("{number}", "7")
                        .replace("{revision}", "2")
                        .replace("{token}", "token")
                        .replace("{key}", "key")
                        .replace("{box}", "box")
                        .replace("{kind}", "ACTION")
                + (route.path().endsWith("/paper") ? "?form=md" : "")
                + (route.path().endsWith("/{kind}/file") ? "?form=csv" : "")
                + (route.path().endsWith("/{number}/actions") ? "?form=csv" : "")
                + (route.path().endsWith("/{id}/files") ? "?path=a.md" : "")
                + (route.path().endsWith("/api/roll-up") ? "?kind=ACTION" : "")
                + (route.path().endsWith("/api/strand") ? "?about=tune" : "")
                + (route.path().endsWith("/api/series") ? "?name=Secret%20" + SECRET : "")
                + (route.path().endsWith("/api/citations") ? "?home=" + ids.get("meetings") : "")
                + (route.path().endsWith("/api/citations/at") ? "?place=" + ids.get("lines") : "")
                + (letsGo ? "?line=" + ids.get("lines") : "");
    }

    @Test
    void nobody_gets_in_anywhere_without_signing_in() throws Exception {
        List<String> open = new ArrayList<>();
        for (Route route : routes()) {
            int status = http.perform(MockMvcRequestBuilders.request(HttpMethod.valueOf(route.method()), aimed(route))
                            .with(csrf())
                            .contentType("application/json")
                            .content("{}"))
                    .andReturn()
                    .getResponse()
                    .getStatus();
            if (status != 401) {
                open.add(route.toString());
            }
        }

        assertThat(routes()).hasSizeGreaterThan(25);
        assertThat(open).containsExactlyInAnyOrderElementsOf(OPEN);
    }

    @Test
    void nobody_sees_or_changes_what_is_another_teams() throws Exception {
        Desk stranger = otherTeam();
        String before = everything();
        for (Route route : routes()) {
            if (route.toString().equals("DELETE /api/session/open")) {
                continue; // signs the stranger out, and nobody else
            }
            Desk.Answer answer = stranger.send(route.method(), aimed(route), bodyFor(route));
            assertThat(answer.body().toString()).as(route.toString()).doesNotContain(SECRET);
            // A register is named by its kind, which is no team's own.
            if (route.path().replace("{kind}", "").contains("{")) {
                assertThat(answer.status())
                        .as(route.toString())
                        .isEqualTo(isSigned(route) ? 401 : isForGuests(route) ? 403 : 404);
            }
        }

        assertThat(everything()).isEqualTo(before);
    }

    /** A route for guests is none for members: they have the whole of it. */
    private static boolean isForGuests(Route route) {
        return route.path().startsWith("/api/guest/");
    }

    /** A route for machines wants a signature, and no session helps. */
    private static boolean isSigned(Route route) {
        return route.path().startsWith("/api/arrivals/");
    }

    /** What a careful intruder would send: well-formed, so that nothing but the team stands in the way. */
    private String bodyFor(Route route) {
        String line = "{\"kind\":\"POINT\",\"text\":\"intruded\",\"ownerId\":null,\"due\":null,\"state\":\"INK\"}";
        return switch (route.path()) {
            case "/api/people/{id}" -> "{\"name\":\"intruded\",\"aliases\":[]}";
            case "/api/meetings/{id}", "/api/meetings" ->
                "{\"title\":\"intruded\",\"date\":\"2026-03-03\",\"zone\":\"Europe/Oslo\",\"agenda\":[],\"people\":[]}";
            case "/api/sources/{id}/meeting" -> "{\"meetingId\":\"" + ids.get("meetings") + "\"}";
            case "/api/minutes/{id}/lines" -> "{\"facts\":" + line + ",\"after\":null,\"evidence\":[]}";
            case "/api/lines/{id}" -> line;
            case "/api/meetings/{id}/margin" -> "{\"text\":\"intruded\"}";
            case "/api/meetings/{id}/page" -> Desk.typed(1, "intruded");
            case "/api/meetings/{id}/matters" -> "{\"lineId\":\"" + ids.get("lines") + "\"}";
            case "/api/meetings/{id}/remarks" -> "{\"line\":\"" + UUID.randomUUID() + "\",\"text\":\"intruded\"}";
            case "/api/meetings/{id}/recording" -> "{\"recorderId\":\"" + UUID.randomUUID() + "\"}";
            case "/api/recordings/{id}/command" -> "{\"command\":\"STOP\"}";
            case "/api/meetings/{id}/agenda-letter" ->
                "{\"withMatters\":true,\"outside\":true,\"to\":[{\"name\":\"I\",\"address\":\"i@elsewhere.example\"}]}";
            case "/api/meetings/{id}/agenda-letter/words" -> "{\"withMatters\":true}";
            case "/api/meetings/{id}/off" -> "{\"off\":true}";
            case "/api/meetings/{id}/calendars" -> "{\"connectionId\":\"" + UUID.randomUUID() + "\"}";
            case "/api/meetings/{id}/calendars/settled" -> "{\"theirs\":[]}";
            case "/api/lines/{id}/acts" -> "{\"kind\":\"DONE\"}";
            case "/api/links/{id}" -> "{\"state\":\"INK\"}";
            case "/api/minutes/{id}/template" -> "{\"template\":\"Steering group\"}";
            case "/api/folios/{number}/circulation" ->
                "{\"form\":\"TEXT\",\"outside\":true,\"to\":[{\"recipient\":{\"name\":\"I\",\"address\":\"i@elsewhere.example\"},\"part\":\"WHOLE\"}]}";
            case "/api/folios/{number}/circulation/words" -> "{\"reader\":\"I\",\"part\":\"WHOLE\",\"form\":\"TEXT\"}";
            case "/api/folios/{number}/excerpts" ->
                "{\"lines\":[\"" + ids.get("lines") + "\"],\"days\":7,\"passages\":false}";
            case "/api/folios/{number}/erasing" -> "{\"reason\":\"intruded\"}";
            case "/api/access/{id}" -> "{\"writes\":true}";
            case "/api/welcome/{key}" -> "{\"password\":\"intruder at night\"}";
            case "/api/templates/{id}" ->
                "{\"name\":\"intruded\",\"kinds\":[],\"detail\":\"BRIEF\",\"title\":\"{title}\",\"file\":\"{date}\",\"sections\":"
                        + "[{\"heading\":\"A\",\"content\":\"RISKS\",\"grouping\":\"NONE\",\"form\":\"LIST\",\"required\":false,\"text\":\"\"}]}";
            case "/api/templates/{id}/archived" -> "{\"archived\":true}";
            case "/api/acts" -> "{\"lines\":[\"" + ids.get("lines") + "\"],\"deed\":{\"kind\":\"DONE\"}}";
            case "/api/labels/{id}", "/api/labels" -> "{\"sort\":\"TAG\",\"name\":\"intruded\"}";
            case "/api/references/{number}" -> "{\"title\":\"intruded\",\"dated\":\"2026-03-03\"}";
            case "/api/members/{id}" -> "{\"role\":\"LOOKS_ON\"}";
            case "/api/attendance/{id}" -> "{\"present\":false}";
            default -> "{}";
        };
    }

    private String everything() throws Exception {
        StringBuilder all = new StringBuilder();
        for (String path : List.of(
                "/api/people",
                "/api/tray",
                "/api/meetings/" + ids.get("meetings"),
                "/api/meetings/" + ids.get("meetings") + "/margin",
                "/api/meetings/" + ids.get("meetings") + "/page",
                "/api/meetings/" + ids.get("meetings") + "/matters",
                "/api/sources/" + ids.get("sources"),
                "/api/minutes/" + ids.get("minutes"))) {
            all.append(desk.read(path).body());
        }
        assertThat(all).contains(SECRET).contains(PRIVATE);
        return all.toString();
    }

    @Test
    void a_private_margin_is_behind_no_route_for_a_colleague() throws Exception {
        Desk ana = colleague("Ana Prokop");
        for (Route route : routes()) {
            if (route.method().equals("GET")) {
                byte[] answer = ana.bytes(aimed(route));
                assertThat(new String(answer, StandardCharsets.UTF_8))
                        .as(route.toString())
                        .doesNotContain(PRIVATE);
            } else if (!route.method().equals("DELETE")) {
                assertThat(ana.send(route.method(), aimed(route), bodyFor(route))
                                .body()
                                .toString())
                        .as(route.toString())
                        .doesNotContain(PRIVATE);
            }
        }
        assertThat(desk.read("/api/meetings/{id}/margin", ids.get("meetings")).text("/text"))
                .isEqualTo(PRIVATE);
    }

    @Test
    void nobody_listens_to_a_meeting_of_another_team() throws Exception {
        assertThat(otherTeam()
                        .read("/api/live?meeting={id}", ids.get("meetings"))
                        .status())
                .isEqualTo(404);
        assertThat(desk.read("/api/live?meeting={id}", ids.get("meetings")).status())
                .isEqualTo(200);
    }

    @Test
    void a_line_rests_on_no_source_of_another_team_and_a_meeting_invites_nobody_of_it() throws Exception {
        Desk stranger = otherTeam();
        String meeting = stranger.meeting("Own");
        String source = stranger.drop("own.txt", "Ana: I'll bring cake.").text("/0/source/id");
        stranger.place(source, meeting);
        String minutes = stranger.draft(meeting).text("/id");

        Desk.Answer line = stranger.create(
                "/api/minutes/{id}/lines",
                ("{\"facts\":{\"kind\":\"POINT\",\"text\":\"x\",\"ownerId\":null,\"due\":null,\"state\":\"INK\"},\"after\":null,"
                                + "\"evidence\":[{\"sourceId\":\"%s\",\"passage\":0,\"start\":0,\"end\":3,\"quote\":\"We\",\"speaker\":null,\"startMs\":null}]}")
                        .formatted(ids.get("sources")),
                minutes);
        Desk.Answer invited = stranger.create(
                "/api/meetings",
                "{\"title\":\"T\",\"date\":\"2026-03-03\",\"zone\":\"Europe/Oslo\",\"agenda\":[],\"people\":[\"%s\"]}"
                        .formatted(ids.get("people")));

        assertThat(line.status()).isEqualTo(404);
        assertThat(invited.status()).isEqualTo(404);
    }
}
