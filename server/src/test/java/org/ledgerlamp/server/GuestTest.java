package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.internet.MimeMessage;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.standins.MailPartner;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;

/** Outsiders who are let into one folio or one series, and into nothing else. */
class GuestTest extends WithDraft {
    private static final Pattern WELCOME = Pattern.compile("/welcome/([\\w-]+)");

    @Autowired
    private AccessService access;

    @Autowired
    private JdbcTemplate database;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    private MailPartner mail;
    private String elin;
    /** Letters that the guest is to get. */
    private int sent;

    @AfterEach
    void close() {
        mail.close();
    }

    @BeforeEach
    void twoFolios() throws Exception {
        mail = new MailPartner(0);
        desk.send(
                "PUT",
                "/api/post/account",
                "{\"host\":\"127.0.0.1\",\"port\":%d,\"safety\":\"NONE\",\"sender\":\"lamp@skerry.example\",\"senderName\":\"L\"}"
                        .formatted(mail.port()));
        elin = "elin-" + desk.who().teamId() + "@county.example";
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        String first = minutes;
        minutes = draftOf(desk.meeting("Slipway talks"));
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        minutes = first;
    }

    private Desk.Answer letIn(String what, boolean writes) throws Exception {
        sent++;
        return desk.create(
                "/api/access",
                "{\"name\":\"Elin Strand\",\"email\":\"%s\",%s,\"writes\":%b}".formatted(elin, what, writes));
    }

    /** The words of the last letter as members of the team see them. */
    private String letter() throws Exception {
        String id = desk.read("/api/post").text("/0/letters/0/id");
        return desk.read("/api/letters/{id}", id).text("/text");
    }

    /** The words of the letter as they reached the guest. */
    private String letterThatArrived() throws Exception {
        List<MimeMessage> letters = Awaitility.await().until(() -> mail.receivedBy(elin), l -> l.size() == sent);
        return MailPartner.text(letters.getLast());
    }

    /** Chooses a password by the address in the letter, and signs in. */
    private Desk joined() throws Exception {
        Matcher m = WELCOME.matcher(letterThatArrived());
        assertThat(m.find()).isTrue();
        assertThat(desk.create("/api/welcome/{key}", "{\"password\":\"lighthouse at dusk\"}", m.group(1))
                        .text("/email"))
                .isEqualTo(elin);
        return as((SignedIn) access.loadUserByUsername(elin));
    }

    @Test
    void an_outsider_let_into_one_folio_reads_that_and_no_other() throws Exception {
        assertThat(letIn("\"folio\":1", false).status()).isEqualTo(204);
        assertThat(letter()).contains("lets you into folio 1");

        Desk guest = joined();

        assertThat(guest.read("/api/guest/folios").body()).hasSize(1);
        assertThat(guest.read("/api/guest/folios/1").at("/page").toString()).contains("A line in ink");
        assertThat(guest.read("/api/guest/folios/1").at("/lines")).isEmpty();
        assertThat(guest.bytes("/api/guest/folios/1/pdf")).startsWith('%', 'P', 'D', 'F');
        assertThat(guest.read("/api/guest/folios/2").status()).isEqualTo(404);
        assertThat(guest.read("/api/guest/folios/99").status()).isEqualTo(404);
    }

    @Test
    void a_guest_gets_in_nowhere_but_on_the_routes_for_guests() throws Exception {
        letIn("\"folio\":1", true);
        Desk guest = joined();
        List<String> open = new ArrayList<>();
        mapping.getHandlerMethods().forEach((info, method) -> {
            for (String path : info.getPatternValues()) {
                for (RequestMethod verb : info.getMethodsCondition().getMethods()) {
                    boolean forAll = path.startsWith("/api/guest/")
                            || path.startsWith("/api/shown/")
                            || path.startsWith("/api/arrivals/")
                            || path.startsWith("/api/welcome/")
                            || path.startsWith("/api/due/")
                            || path.equals("/api/session")
                            || path.startsWith("/api/session/")
                            || path.equals("/api/forgotten")
                            || path.equals("/api/setup");
                    if (path.startsWith("/api/") && !forAll) {
                        try {
                            String aimed = path.replace("{number}", "1").replace("{revision}", "2");
                            if (guest.send(verb.name(), aimed.replaceAll("\\{\\w+}", minutes), "{}")
                                            .status()
                                    != 403) {
                                open.add(verb + " " + path);
                            }
                        } catch (Exception e) {
                            throw new AssertionError(path, e);
                        }
                    }
                }
            }
        });

        assertThat(open).isEmpty();
    }

    @Test
    void a_series_opens_all_its_folios_those_to_come_as_well() throws Exception {
        letIn("\"series\":\"Charging berth weekly\"", false);
        Desk guest = joined();
        assertThat(guest.read("/api/guest/folios").body()).hasSize(1);

        minutes = draftOf(desk.meeting("Charging berth weekly"));
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);

        assertThat(guest.read("/api/guest/folios").body()).hasSize(2);
        assertThat(guest.read("/api/guest/folios/3").status()).isEqualTo(200);
        assertThat(guest.read("/api/guest/folios/2").status()).isEqualTo(404);
    }

    @Test
    void whoever_may_only_read_changes_nothing() throws Exception {
        letIn("\"folio\":1", false);
        Desk guest = joined();
        JsonNode line = line("ACTION");

        assertThat(guest.write(
                                "/api/guest/lines/{id}",
                                line.at("/version").asInt(),
                                "{\"text\":\"Theirs\"}",
                                line.at("/id").asString())
                        .status())
                .isEqualTo(409);
        assertThat(guest.create("/api/guest/folios/1/lines", "{\"kind\":\"RISK\",\"text\":\"Theirs\"}")
                        .status())
                .isEqualTo(409);
        assertThat(page().toString()).doesNotContain("Theirs");
    }

    @Test
    void whoever_may_write_amends_under_their_own_name_and_only_there() throws Exception {
        letIn("\"folio\":1", true);
        Desk guest = joined();
        JsonNode line = line("ACTION");

        Desk.Answer changed = guest.write(
                "/api/guest/lines/{id}",
                line.at("/version").asInt(),
                "{\"text\":\"In Elin's words\"}",
                line.at("/id").asString());
        guest.create("/api/guest/folios/1/lines", "{\"kind\":\"RISK\",\"text\":\"A risk more\"}");

        assertThat(changed.at("/page").toString()).contains("In Elin's words");
        assertThat(line("ACTION").at("/ownerId")).isEqualTo(line.at("/ownerId"));
        JsonNode revision = desk.read("/api/folios/1/revisions").at("/0");
        assertThat(revision.at("/by").asString()).isEqualTo("Elin Strand");
        assertThat(revision.at("/changes")).hasSize(2);
        assertThat(guest.write(
                                "/api/guest/lines/{id}",
                                0,
                                "{\"text\":\"x\"}",
                                line.at("/id").asString())
                        .status())
                .isEqualTo(412);

        JsonNode elsewhere = desk.read("/api/folios/2").at("/lines/0");
        assertThat(guest.write(
                                "/api/guest/lines/{id}",
                                elsewhere.at("/version").asInt(),
                                "{\"text\":\"x\"}",
                                elsewhere.at("/id").asString())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void the_lead_sees_who_can_see_what_and_takes_it_back() throws Exception {
        letIn("\"folio\":1", false);
        letIn("\"series\":\"Slipway talks\"", true);
        Desk guest = joined();

        JsonNode sees = desk.read("/api/access").body();
        assertThat(sees.at("/members").findValuesAsString("name")).containsExactly("Mira Voss");
        assertThat(sees.at("/guests")).hasSize(1);
        assertThat(sees.at("/guests/0/joined").asBoolean()).isTrue();
        assertThat(sees.at("/guests/0/grants")).hasSize(2);
        assertThat(sees.at("/guests/0/grants/0/folio").asInt()).isEqualTo(1);
        assertThat(sees.at("/guests/0/grants/1/series").asString()).isEqualTo("Slipway talks");
        String grant = sees.at("/guests/0/grants/0/id").asString();
        assertThat(otherTeam().remove("/api/access/{id}", grant).status()).isEqualTo(404);

        desk.send("PUT", "/api/access/" + grant, "{\"writes\":true}");
        assertThat(guest.read("/api/guest/folios/1").at("/folio/writes").asBoolean())
                .isTrue();
        desk.remove("/api/access/{id}", grant);
        assertThat(guest.read("/api/guest/folios/1").status()).isEqualTo(404);
        assertThat(guest.read("/api/guest/folios").body()).hasSize(1);
    }

    @Test
    void what_lets_a_guest_in_is_seen_by_the_guest_alone() throws Exception {
        letIn("\"folio\":1", false);
        Matcher key = WELCOME.matcher(letterThatArrived());
        assertThat(key.find()).isTrue();

        assertThat(letter())
                .contains("(an address that stands in the letter alone)")
                .doesNotContain(key.group(1));
        List<String> kept = database.queryForList(
                "select concat(text, html, coalesce(hex(private_address), '')) from outgoing_letter where address = ?",
                String.class,
                elin);
        assertThat(kept).hasSize(1).noneMatch(words -> words.contains(key.group(1)));
    }

    @Test
    void nobody_signs_in_before_choosing_a_password_and_an_invitation_is_good_once() throws Exception {
        letIn("\"folio\":1", false);
        Matcher m = WELCOME.matcher(letterThatArrived());
        assertThat(m.find()).isTrue();

        assertThat(desk.create("/api/welcome/{key}", "{\"password\":\"short\"}", m.group(1))
                        .status())
                .isEqualTo(400);
        joined();
        assertThat(desk.create("/api/welcome/{key}", "{\"password\":\"another long one\"}", m.group(1))
                        .status())
                .isEqualTo(404);
        assertThat(desk.create("/api/welcome/{key}", "{\"password\":\"another long one\"}", "guessed")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void letting_in_makes_sense_only_for_outsiders_and_one_thing_at_a_time() throws Exception {
        assertThat(letIn("\"folio\":1,\"series\":\"Slipway talks\"", false).status())
                .isEqualTo(400);
        assertThat(letIn("\"folio\":77", false).status()).isEqualTo(404);
        assertThat(letIn("\"series\":\"No such\"", false).status()).isEqualTo(404);
        elin = desk.who().email();
        assertThat(letIn("\"folio\":1", false).text("/detail")).contains("is a member");
        elin = otherTeam().who().email();
        assertThat(letIn("\"folio\":1", false).text("/detail")).contains("another team");
        assertThat(desk.read("/api/access").at("/guests")).isEmpty();
    }
}
