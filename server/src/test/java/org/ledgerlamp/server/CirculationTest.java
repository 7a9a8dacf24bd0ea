package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.internet.MimeMessage;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.MailPartner;
import tools.jackson.databind.JsonNode;

/** Filed minutes go to those whom they concern: to each what is of use to them, to nobody twice. */
class CirculationTest extends WithDraft {
    private MailPartner mail;

    @Override
    @BeforeEach
    void draft() throws Exception {
        mail = new MailPartner(0);
        desk.send(
                "PUT",
                "/api/post/account",
                "{\"host\":\"127.0.0.1\",\"port\":%d,\"safety\":\"NONE\",\"sender\":\"lamp@skerry.example\",\"senderName\":\"Ledger Lamp\"}"
                        .formatted(mail.port()));
        String mira = desk.personWithMail("Mira Voss", desk.who().email());
        tom = desk.personWithMail("Tom Reyes", "tom@skerry.example");
        String ana = desk.personWithMail("Ana Prokop", "ana@skerry.example");
        String ivo = desk.personWithMail("Ivo Brandt", "ivo@skerry.example");
        String joss = desk.person("Joss Lindqvist");
        minutes = draftOf(desk.meeting("Charging berth weekly", mira, tom, ana, ivo, joss));
        for (JsonNode line : page().at("/lines")) {
            change(
                    line,
                    facts(
                            line.at("/kind").asString(),
                            line.at("/text").asString(),
                            line.at("/ownerId").isNull()
                                    ? null
                                    : line.at("/ownerId").asString(),
                            "INK"));
        }
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
    }

    @AfterEach
    void close() {
        mail.close();
    }

    private static String to(String name, String address, String part) {
        return "{\"recipient\":{\"name\":\"%s\",\"address\":\"%s\"},\"part\":\"%s\"}".formatted(name, address, part);
    }

    private Desk.Answer circulate(String form, String... to) throws Exception {
        return desk.create(
                "/api/folios/1/circulation",
                "{\"form\":\"%s\",\"cover\":\"As promised.\",\"outside\":true,\"to\":[%s]}"
                        .formatted(form, String.join(",", to)));
    }

    private MimeMessage received(String address) {
        return Awaitility.await()
                .until(() -> mail.receivedBy(address), l -> !l.isEmpty())
                .getFirst();
    }

    @Test
    void those_who_attended_get_all_those_who_missed_it_a_catch_up_and_the_sender_nothing() throws Exception {
        JsonNode readers = desk.read("/api/folios/1/circulation").at("/readers");
        List<String> told = new ArrayList<>();
        readers.forEach(r -> told.add("%s %s %s %s"
                .formatted(
                        r.at("/name").asString(),
                        r.at("/reason").asString(),
                        r.at("/part").asString(),
                        r.at("/address").asString("-"))));

        assertThat(told)
                .containsExactlyInAnyOrder(
                        "Tom Reyes ATTENDED WHOLE tom@skerry.example",
                        "Ana Prokop ATTENDED WHOLE ana@skerry.example",
                        "Ivo Brandt ABSENT CATCH_UP ivo@skerry.example",
                        "Joss Lindqvist ABSENT CATCH_UP -");
    }

    @Test
    void groups_can_be_named_as_a_whole() throws Exception {
        JsonNode groups = desk.read("/api/folios/1/circulation").at("/groups");

        assertThat(groups.at("/0/readers").findValuesAsString("address"))
                .containsExactlyInAnyOrder("tom@skerry.example", "ana@skerry.example", "ivo@skerry.example");
        assertThat(groups.at("/1/name").asString()).contains("Charging berth weekly");
        assertThat(groups.at("/1/readers").findValuesAsString("address"))
                .containsExactlyInAnyOrder("tom@skerry.example", "ana@skerry.example");
    }

    @Test
    void what_arrives_is_what_was_shown_each_with_their_own() throws Exception {
        String shown = desk.create(
                        "/api/folios/1/circulation/words",
                        "{\"reader\":\"Tom Reyes\",\"part\":\"WHOLE\",\"form\":\"TEXT\",\"cover\":\"As promised.\"}")
                .text("/text");

        assertThat(circulate(
                                "TEXT",
                                to("Tom Reyes", "tom@skerry.example", "WHOLE"),
                                to("Ivo Brandt", "ivo@skerry.example", "CATCH_UP"),
                                to("Tom again", "TOM@skerry.example", "OWN"),
                                to("Mira Voss", desk.who().email(), "WHOLE"))
                        .status())
                .isEqualTo(204);

        assertThat(MailPartner.text(received("tom@skerry.example")).replace("\r\n", "\n"))
                .isEqualTo(shown)
                .startsWith("As promised.")
                .containsSubsequence("YOUR ACTIONS", "[ ] 1.", "Tom Reyes to order the roller", "DECISIONS");
        String catchUp = MailPartner.text(received("ivo@skerry.example"));
        assertThat(catchUp).contains("DECIDED", "WHAT COMES NEXT", "STILL OPEN").doesNotContain("YOUR ACTIONS");
        assertThat(received("ivo@skerry.example").getSubject())
                .isEqualTo("Catch-up: Charging berth weekly, Tue 3 Mar 2026");
        assertThat(mail.received()).hasSize(2);
    }

    @Test
    void minutes_go_along_as_a_pdf_with_a_short_letter() throws Exception {
        assertThat(circulate("PDF", to("Ana Prokop", "ana@skerry.example", "WHOLE"))
                        .status())
                .isEqualTo(204);

        MimeMessage letter = received("ana@skerry.example");
        Part file = attachment((Multipart) letter.getContent());
        assertThat(file.getFileName()).isEqualTo("2026-03-03 Charging berth weekly.pdf");
        try (PDDocument pdf = Loader.loadPDF(file.getInputStream().readAllBytes())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Charging berth weekly", "Put a roller");
        }
        assertThat(MailPartner.text(letter))
                .contains("The minutes are attached.")
                .doesNotContain("DECISIONS");
    }

    private static Part attachment(Multipart parts) throws Exception {
        for (int i = 0; i < parts.getCount(); i++) {
            if (Part.ATTACHMENT.equalsIgnoreCase(parts.getBodyPart(i).getDisposition())) {
                return parts.getBodyPart(i);
            }
        }
        throw new AssertionError("nothing is attached");
    }

    @Test
    void nobody_to_send_to_is_refused_and_nothing_goes_out() throws Exception {
        assertThat(circulate("TEXT", to("Mira Voss", desk.who().email(), "WHOLE"))
                        .status())
                .isEqualTo(400);
        assertThat(circulate("TEXT").status()).isEqualTo(400);
        assertThat(circulate("TEXT", to("Tom", "no address", "WHOLE")).status()).isEqualTo(400);
        assertThat(desk.read("/api/post").body()).isEmpty();
    }

    @Test
    void what_was_circulated_stays_filed_and_what_is_changed_later_is_another_revision() throws Exception {
        change(line("RISK"), facts("RISK", "Corrected before it went out", null, "INK"));
        circulate("TEXT", to("Tom Reyes", "tom@skerry.example", "WHOLE"));

        assertThat(desk.remove("/api/folios/1").text("/detail")).contains("was circulated");
        change(line("RISK"), facts("RISK", "Corrected afterwards", null, "INK"));
        JsonNode circulation = desk.read("/api/folios/1/circulation").body();
        assertThat(circulation.at("/circulated").asInt()).isEqualTo(2);
        assertThat(circulation.at("/revision").asInt()).isEqualTo(3);
    }

    @Test
    void a_folio_is_handed_out_as_a_file_in_every_form() throws Exception {
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=md"))).contains("folio: \"1\"", "1.2 Put a roller");
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=html"))).contains("<h1>Charging berth weekly</h1>");
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=txt"))).contains("DECISIONS");
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=json"))).contains("\"utterances\"", "\"folio\" : 1");
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=eml")))
                .contains("Subject: Minutes: Charging berth weekly");
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=docx"))).startsWith("PK");
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=pdf"))).startsWith("%PDF-");
        assertThat(new String(desk.bytes("/api/folios/1/paper?form=txt&passages=true")))
                .contains("WHAT THE LINES REST ON")
                .contains("“Yes, let's do that.”");
        assertThat(desk.read("/api/folios/1/paper?form=xls").status()).isEqualTo(400);
    }

    @Test
    void actions_are_handed_out_as_tasks_and_as_a_table_with_what_became_of_them() throws Exception {
        desk.create(
                "/api/lines/{id}/acts",
                "{\"kind\":\"DONE\"}",
                line("ACTION").at("/id").asString());

        assertThat(new String(desk.bytes("/api/folios/1/actions?form=ics")))
                .contains("BEGIN:VTODO", "STATUS:COMPLETED");
        assertThat(new String(desk.bytes("/api/folios/1/actions?form=csv")))
                .startsWith("number,action,owner,due,done,meeting,date\r\n1.")
                .contains("Tom Reyes,");
    }
}
