package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.sql.DataSource;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.MailPartner;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The post room: what goes out, to whom, and what became of it. */
class PostTest extends ServerTest {
    private static final String SECRET = "brass kettle";

    @Autowired
    private DataSource database;

    private MailPartner mail;
    private String meeting;

    @BeforeEach
    void open() throws Exception {
        mail = new MailPartner(0);
        meeting = desk.create(
                        "/api/meetings",
                        """
                        {"title":"Yard talk","date":"2026-12-04","start":"09:30","zone":"Europe/Oslo","plannedMinutes":45,
                         "agenda":["Paint of the \\"Gannet\\"","Crew"],"people":["%s","%s"],"location":"Boat hall",
                         "guests":[{"name":"Nils Fårrow","email":"nils@brae-yard.example"},{"name":"Elin Strand"},
                                   {"name":"Myself","email":"%s"},{"name":"Nils again","email":"NILS@brae-yard.example"}]}
                        """
                                .formatted(
                                        desk.personWithMail("Tom Reyes", "tom@skerry.example"),
                                        desk.person("Joss Lindqvist"),
                                        desk.who().email()))
                .text("/id");
    }

    @AfterEach
    void close() {
        mail.close();
    }

    private void account(int port) throws Exception {
        Desk.Answer kept = desk.send(
                "PUT",
                "/api/post/account",
                "{\"host\":\"127.0.0.1\",\"port\":%d,\"safety\":\"NONE\",\"sender\":\"lamp@skerry.example\",\"senderName\":\"Ledger Lamp\"}"
                        .formatted(port));
        assertThat(kept.status()).isEqualTo(200);
    }

    private Desk.Answer circulate(String to) throws Exception {
        return desk.create(
                "/api/meetings/{id}/agenda-letter",
                "{\"message\":\"Please be on time.\",\"withMatters\":true,\"outside\":true,\"to\":[" + to + "]}",
                meeting);
    }

    private static String to(String name, String address) {
        return "{\"name\":\"" + name + "\",\"address\":\"" + address + "\"}";
    }

    private JsonNode letter() throws Exception {
        return desk.read("/api/post").body().at("/0/letters/0");
    }

    private JsonNode letterIn(String state) {
        return Awaitility.await()
                .until(this::letter, l -> l.at("/state").asString().equals(state));
    }

    private JsonNode tried() {
        return Awaitility.await().until(this::letter, l -> l.at("/attempts").asInt() > 0);
    }

    @Test
    void an_agenda_goes_to_those_invited_whose_address_is_known_and_not_to_oneself() throws Exception {
        JsonNode invited =
                desk.read("/api/meetings/{id}/agenda-letter", meeting).body();

        assertThat(invited.at("/to").findValuesAsString("address"))
                .containsExactlyInAnyOrder("tom@skerry.example", "nils@brae-yard.example");
        assertThat(invited.at("/without").toString()).contains("Joss Lindqvist", "Elin Strand");
        assertThat(invited.toString()).doesNotContain("Myself");
    }

    @Test
    void what_was_circulated_arrives_as_it_was_shown() throws Exception {
        account(mail.port());
        String shown = desk.create(
                        "/api/meetings/{id}/agenda-letter/words",
                        "{\"message\":\"Please be on time.\",\"withMatters\":true}",
                        meeting)
                .text("/text");
        assertThat(circulate(to("Tom Reyes", "tom@skerry.example")
                                + ","
                                + to("Nils Fårrow", "nils@brae-yard.example")
                                + ","
                                + to("Nils", "Nils@Brae-Yard.example")
                                + ","
                                + to("Me", desk.who().email()))
                        .status())
                .isEqualTo(204);
        Awaitility.await().until(() -> mail.received().size() == 2);

        MimeMessage arrived = mail.receivedBy("nils@brae-yard.example").getFirst();
        assertThat(arrived.getSubject()).isEqualTo("Agenda: Yard talk, Fri 4 Dec 2026");
        assertThat(MailPartner.text(arrived).strip()).isEqualTo(shown.strip());
        assertThat(shown).contains("Please be on time.", "09:30 Europe/Oslo", "1. Paint of the \"Gannet\"");
        assertThat(arrived.getFrom()[0].toString()).isEqualTo("Ledger Lamp <lamp@skerry.example>");
        assertThat(arrived.getReplyTo()[0].toString()).contains(desk.who().email());
        assertThat(arrived.getAllRecipients()).hasSize(1);
        assertThat(arrived.getMessageID()).endsWith("@skerry.example>");

        Awaitility.await().until(() -> desk.read("/api/post")
                .body()
                .findValuesAsString("state")
                .equals(List.of("DELIVERED", "DELIVERED")));
        JsonNode dispatch = desk.read("/api/post").body().path(0);
        assertThat(dispatch.at("/kind").asString()).isEqualTo("AGENDA");
        assertThat(dispatch.at("/meeting").asString()).isEqualTo("Yard talk");
        assertThat(dispatch.at("/by").asString()).isEqualTo(desk.who().name());
        assertThat(desk.read("/api/letters/{id}", dispatch.at("/letters/0/id").asString())
                        .text("/text"))
                .isEqualTo(shown);
        assertThat(desk.create(
                                "/api/letters/{id}/again",
                                "{}",
                                letter().at("/id").asString())
                        .status())
                .as("what was delivered is not sent a second time")
                .isEqualTo(409);
    }

    @Test
    void without_a_mail_server_a_letter_waits_and_goes_out_once_there_is_one() throws Exception {
        circulate(to("Tom Reyes", "tom@skerry.example"));
        assertThat(tried().at("/state").asString()).isEqualTo("WAITING");
        assertThat(letter().at("/problem").asString()).contains("No mail server is set up");
        assertThat(letter().at("/nextTryAt").isNull()).isFalse();

        account(mail.port());
        letterIn("DELIVERED");
        assertThat(mail.receivedBy("tom@skerry.example")).hasSize(1);
    }

    @Test
    void a_server_out_of_reach_is_tried_again_and_the_letter_can_be_withdrawn() throws Exception {
        int port = mail.port();
        mail.close();
        account(port);
        circulate(to("Tom Reyes", "tom@skerry.example"));
        assertThat(tried().at("/problem").asString()).contains("cannot be reached");
        assertThat(letter().at("/state").asString()).isEqualTo("WAITING");
        String id = letter().at("/id").asString();

        desk.create("/api/letters/{id}/withdraw", "{}", id);
        assertThat(letter().at("/state").asString()).isEqualTo("WITHDRAWN");
        assertThat(desk.create("/api/letters/{id}/withdraw", "{}", id).status()).isEqualTo(409);
        mail = new MailPartner(port);
        desk.create("/api/letters/{id}/again", "{}", id);
        letterIn("DELIVERED");
    }

    @Test
    void a_recipient_refused_for_good_is_said_and_not_tried_again() throws Exception {
        try (RefusingMailServer refusing = new RefusingMailServer("550 5.1.1 no such person")) {
            account(refusing.port());
            circulate(to("Tom Reyes", "tom@skerry.example"));

            JsonNode failed = letterIn("FAILED");
            assertThat(failed.at("/problem").asString()).contains("550", "no such person");
            assertThat(failed.at("/nextTryAt").isNull()).isTrue();
        }
    }

    @Test
    void a_recipient_refused_for_now_is_tried_again() throws Exception {
        try (RefusingMailServer refusing = new RefusingMailServer("451 4.7.1 come back later")) {
            account(refusing.port());
            circulate(to("Tom Reyes", "tom@skerry.example"));

            assertThat(tried().at("/problem").asString()).contains("451", "come back later");
            assertThat(letter().at("/state").asString()).isEqualTo("WAITING");
        }
    }

    @Test
    void the_secret_of_the_mail_server_is_encrypted_never_told_and_not_taken_to_another_server() throws Exception {
        String facts =
                "{\"host\":\"%s\",\"port\":25,\"safety\":\"STARTTLS\",\"username\":\"lamp\",\"secret\":%s,\"sender\":\"lamp@skerry.example\",\"senderName\":\"Lamp\"}";
        Desk.Answer kept =
                desk.send("PUT", "/api/post/account", facts.formatted("mail.skerry.example", "\"" + SECRET + "\""));
        assertThat(kept.body().toString()).contains("\"hasSecret\":true").doesNotContain(SECRET);
        byte[] stored = new JdbcTemplate(database)
                .queryForObject(
                        "select secret from mail_account where team_id = ?",
                        byte[].class,
                        desk.who().teamId().toString());
        assertThat(new String(stored, StandardCharsets.ISO_8859_1)).doesNotContain(SECRET);

        assertThat(desk.send("PUT", "/api/post/account", facts.formatted("mail.skerry.example", "null"))
                        .body()
                        .at("/hasSecret")
                        .asBoolean())
                .isTrue();
        assertThat(desk.send("PUT", "/api/post/account", facts.formatted("elsewhere.example", "null"))
                        .body()
                        .at("/hasSecret")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void addresses_that_are_none_are_refused_and_so_is_sending_to_oneself_alone() throws Exception {
        assertThat(circulate(to("Tom", "not an address")).status()).isEqualTo(400);
        assertThat(circulate(to("Tom", "tom@skerry.example\\r\\nBcc: all@skerry.example"))
                        .status())
                .isEqualTo(400);
        assertThat(circulate(to("Me", desk.who().email())).text("/detail")).contains("whoever sends an agenda");
        assertThat(desk.read("/api/post").body()).isEmpty();
    }

    @Test
    void another_team_sees_nothing_of_the_post_and_changes_nothing() throws Exception {
        circulate(to("Tom Reyes", "tom@skerry.example"));
        String id = letter().at("/id").asString();
        Desk stranger = otherTeam();

        assertThat(stranger.read("/api/post").body()).isEmpty();
        assertThat(stranger.read("/api/post?meeting={id}", meeting).body()).isEmpty();
        assertThat(stranger.read("/api/letters/{id}", id).status()).isEqualTo(404);
        assertThat(stranger.create("/api/letters/{id}/withdraw", "{}", id).status())
                .isEqualTo(404);
    }

    @Test
    void a_draft_made_by_somebody_else_is_told_to_the_lead_by_mail() throws Exception {
        account(mail.port());
        Desk ana = colleague("Ana Prokop");
        String held = desk.create(
                        "/api/meetings",
                        "{\"title\":\"Yard talk\",\"date\":\"2026-03-03\",\"zone\":\"Europe/Oslo\",\"agenda\":[],\"people\":[],\"organiser\":\"%s\"}"
                                .formatted(desk.who().name()))
                .text("/id");
        desk.place(desk.drop("a.txt", "Tom: I'll order the paint by Friday.").text("/0/source/id"), held);
        String minutes = ana.draft(held).text("/id");

        Awaitility.await().until(() -> mail.receivedBy(desk.who().email()).size() == 1);
        MimeMessage told = mail.received().getFirst();
        assertThat(told.getSubject()).isEqualTo("Draft ready: Yard talk");
        assertThat(MailPartner.text(told)).contains("/minutes/" + minutes);
        assertThat(mail.received()).hasSize(1);
    }

    @Test
    void the_kept_password_goes_to_no_other_listener_and_no_less_safely() throws Exception {
        String account =
                "{\"host\":\"mail.skerry.example\",\"port\":%d,\"safety\":\"%s\",\"username\":\"lamp\",%s\"sender\":\"lamp@skerry.example\",\"senderName\":\"L\"}";
        String secret = "\"secret\":\"tide\",";
        desk.send("PUT", "/api/post/account", account.formatted(465, "TLS", secret));
        assertThat(desk.send("PUT", "/api/post/account", account.formatted(465, "TLS", ""))
                        .at("/hasSecret")
                        .asBoolean())
                .as("the same listener")
                .isTrue();
        assertThat(desk.send("PUT", "/api/post/account", account.formatted(466, "TLS", ""))
                        .at("/hasSecret")
                        .asBoolean())
                .as("another port")
                .isFalse();
        desk.send("PUT", "/api/post/account", account.formatted(465, "TLS", secret));
        assertThat(desk.send("PUT", "/api/post/account", account.formatted(465, "NONE", ""))
                        .at("/hasSecret")
                        .asBoolean())
                .as("without encryption")
                .isFalse();
    }

    @Test
    void nothing_leaves_the_teams_own_domains_without_being_meant_to() throws Exception {
        String order = "{\"withMatters\":true,\"outside\":%b,\"to\":[" + to("Tom", "tom@skerry.example") + "," + "%s]}";

        Desk.Answer refused = desk.create(
                "/api/meetings/{id}/agenda-letter",
                order.formatted(false, to("Nils", "nils@Brae-Yard.example")),
                meeting);

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text("/detail")).contains("outside skerry.example", "nils@Brae-Yard.example");
        assertThat(desk.read("/api/post").body()).isEmpty();
        assertThat(desk.create(
                                "/api/meetings/{id}/agenda-letter",
                                order.formatted(false, to("Ana", "ana@skerry.example")),
                                meeting)
                        .status())
                .isEqualTo(204);
    }
}
