package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;

/** A team's own documents stand in the ledger beside folios: numbered, found, called what one likes. */
class ReferencesTest extends ServerTest {
    private static final byte[] RULES =
            "# Mooring rules\n\nLines are checked before the first crossing.\n\n- Bow line first.\n"
                    .getBytes(StandardCharsets.UTF_8);

    @Test
    void a_document_is_filed_under_the_next_number_with_its_paragraphs() throws Exception {
        Desk.Answer note = desk.reference("mooring_2026-02-01.md", RULES);

        assertThat(note.status()).isEqualTo(201);
        assertThat(note.text("/title")).isEqualTo("Mooring rules");
        assertThat(note.text("/dated")).isEqualTo("2026-02-01");
        assertThat(note.at("/paragraphs")).hasSize(3);
        assertThat(desk.read("/api/ledger").at("/rows/0/sort").asString()).isEqualTo("NOTE");
        assertThat(desk.bytes("/api/references/{n}/original", 1)).isEqualTo(RULES);
    }

    @Test
    void it_is_found_by_its_words_among_the_folios() throws Exception {
        desk.reference("mooring.md", RULES);

        Awaitility.await()
                .until(() ->
                        desk.read("/api/lamp?q=crossing checked").at("/folios").size() == 1);
        Desk.Answer found = desk.read("/api/lamp?q=crossing checked");
        assertThat(found.text("/folios/0/title")).isEqualTo("Mooring rules");
        assertThat(found.at("/folios/0/hits/0/line").asInt()).isEqualTo(2);
        assertThat(otherTeam().read("/api/lamp?q=crossing checked").at("/folios"))
                .isEmpty();
    }

    @Test
    void the_same_document_is_not_filed_twice_and_one_without_words_not_at_all() throws Exception {
        desk.reference("mooring.md", RULES);

        Desk.Answer twin = desk.reference("mooring again.md", RULES);
        assertThat(twin.status()).isEqualTo(409);
        assertThat(twin.text("/detail")).contains("1, Mooring rules");
        Desk.Answer broken = desk.reference("plan.docx", "PK\u0003\u0004 no zip".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(broken.status()).isEqualTo(400);
        assertThat(broken.text("/detail")).contains("plan.docx cannot be read");
        assertThat(desk.read("/api/ledger").at("/rows")).hasSize(1);
    }

    @Test
    void it_is_called_something_else_and_dated_and_a_late_change_is_refused() throws Exception {
        desk.reference("mooring.md", RULES);

        Desk.Answer called =
                desk.write("/api/references/{n}", 0, "{\"title\":\"Rules of the quay\",\"dated\":\"2025-12-01\"}", 1);
        assertThat(called.text("/title")).isEqualTo("Rules of the quay");
        assertThat(desk.read("/api/ledger").at("/rows/0/date").asString()).isEqualTo("2025-12-01");
        assertThat(desk.write("/api/references/{n}", 0, "{\"title\":\"Late\",\"dated\":\"2025-12-01\"}", 1)
                        .status())
                .isEqualTo(412);
    }
}
