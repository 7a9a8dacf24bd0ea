package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.junit.jupiter.api.Test;

/** A team's own document, brought in and filled. */
class HouseDocumentTest extends WithDraft {
    private static byte[] document(String... paragraphs) throws IOException {
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            for (String paragraph : paragraphs) {
                document.createParagraph().createRun().setText(paragraph);
            }
            document.write(bytes);
            return bytes.toByteArray();
        }
    }

    @Test
    void it_is_brought_in_unknown_placeholders_are_named_and_a_folio_fills_it() throws Exception {
        Desk.Answer house = desk.house("house.docx", document("Minutes of {title}", "{decisions}", "{colour}"));

        assertThat(house.text("/sheet/name")).isEqualTo("house.docx");
        assertThat(house.at("/sheet/found/2/known").asBoolean()).isFalse();
        assertThat(house.text("/sheet/found/2/place")).isEqualTo("paragraph 3");
        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);

        byte[] filled = desk.bytes("/api/folios/1/house-paper");
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(filled))) {
            assertThat(document.getParagraphs().getFirst().getText()).isEqualTo("Minutes of Charging berth weekly");
            assertThat(document.getParagraphs().get(1).getText()).startsWith("A line in ink");
        }
    }

    @Test
    void one_that_cannot_be_used_is_refused_with_the_reason_and_the_one_before_stays() throws Exception {
        desk.house("house.docx", document("{title}"));

        Desk.Answer refused = desk.house("letter.docx", "no document".getBytes(StandardCharsets.UTF_8));

        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text("/detail")).startsWith("letter.docx cannot be the house document");
        assertThat(desk.read("/api/house-document").text("/sheet/name")).isEqualTo("house.docx");
    }

    @Test
    void it_is_nobody_elses_and_can_be_let_go() throws Exception {
        desk.house("house.docx", document("{title}"));
        Desk stranger = otherTeam();

        assertThat(stranger.read("/api/house-document").at("/sheet").isNull()).isTrue();
        assertThat(stranger.read("/api/house-document/file").status()).isEqualTo(404);
        assertThat(desk.bytes("/api/house-document/file")).startsWith('P', 'K');
        desk.remove("/api/house-document");
        assertThat(desk.read("/api/house-document").at("/sheet").isNull()).isTrue();
        assertThat(desk.read("/api/house-document").at("/placeholders").size()).isGreaterThan(20);
    }
}
