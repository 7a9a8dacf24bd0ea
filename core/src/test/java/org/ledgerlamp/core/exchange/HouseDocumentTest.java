package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.poi.wp.usermodel.HeaderFooterType;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.FairCopy;

/** A team's own document, filled with minutes. */
class HouseDocumentTest {
    private static final FairCopy COPY = FairCopy.of(Skerry.draft(
            "Mira Voss: Morning. First the crane at Holm.",
            "Tom Reyes: The crane costs four thousand euros a day.",
            "Mira Voss: Okay, let's take the crane for two days, agreed?",
            "Ana Prokop: Agreed.",
            "Tom Reyes: Agreed. I'll book the crane by Friday.",
            "Ana Prokop: And I'll tell the harbour office about the crane tomorrow."));

    /** A letter-head with placeholders everywhere, one of them cut into runs of different looks. */
    private static byte[] house() throws IOException {
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.createHeader(HeaderFooterType.DEFAULT)
                    .createParagraph()
                    .createRun()
                    .setText("Skerry Line {series}");
            XWPFParagraph title = document.createParagraph();
            XWPFRun bold = title.createRun();
            bold.setBold(true);
            bold.setText("{ti");
            title.createRun().setText("tle} of {date");
            title.createRun().setText("}");
            XWPFParagraph decisions = document.createParagraph();
            decisions.setIndentationLeft(700);
            decisions.createRun().setText("Decided: {decisions}");
            document.createParagraph().createRun().setText("Risks: {risks}");
            XWPFTable table = document.createTable(2, 3);
            table.getRow(0).getCell(0).setText("What");
            table.getRow(0).getCell(1).setText("Who");
            table.getRow(1).getCell(0).setText("{action}");
            table.getRow(1).getCell(1).setText("{action.owner}");
            table.getRow(1).getCell(2).setText("{action.due}, {nonsense}");
            document.createFooter(HeaderFooterType.DEFAULT)
                    .createParagraph()
                    .createRun()
                    .setText("{location}");
            document.write(bytes);
            return bytes.toByteArray();
        }
    }

    @Test
    void its_placeholders_are_found_with_their_places_and_unknown_ones_are_named() throws IOException {
        List<HouseDocument.Found> found = HouseDocument.check(house());

        assertThat(found)
                .extracting(HouseDocument.Found::name)
                .containsExactly(
                        "series",
                        "title",
                        "date",
                        "decisions",
                        "risks",
                        "action",
                        "action.owner",
                        "action.due",
                        "nonsense",
                        "location");
        assertThat(found).filteredOn(f -> !f.known()).singleElement().satisfies(f -> {
            assertThat(f.name()).isEqualTo("nonsense");
            assertThat(f.place()).isEqualTo("table 1, row 2, column 3, paragraph 1");
        });
    }

    @Test
    void filling_it_keeps_its_looks_and_repeats_paragraphs_and_rows() throws IOException {
        int actions = COPY.of(org.ledgerlamp.core.reading.Kind.ACTION).size();
        assertThat(actions).isEqualTo(2);

        try (XWPFDocument filled = new XWPFDocument(new ByteArrayInputStream(HouseDocument.fill(house(), COPY)))) {
            XWPFParagraph title = filled.getParagraphs().getFirst();
            assertThat(title.getText()).isEqualTo("Charging berth weekly of Tue 3 Mar 2026");
            assertThat(title.getRuns().getFirst().isBold()).isTrue();
            assertThat(title.getRuns().getFirst().text()).isEqualTo("Charging berth weekly");
            assertThat(filled.getParagraphs())
                    .filteredOn(p -> p.getText().startsWith("Decided: "))
                    .isNotEmpty()
                    .allSatisfy(p -> assertThat(p.getIndentationLeft()).isEqualTo(700));
            assertThat(filled.getParagraphs())
                    .extracting(XWPFParagraph::getText)
                    .contains("Risks: None.");
            XWPFTable table = filled.getTables().getFirst();
            assertThat(table.getNumberOfRows()).isEqualTo(1 + actions);
            assertThat(table.getRow(1).getCell(0).getText()).contains("Tom Reyes to book the crane");
            assertThat(table.getRow(1).getCell(1).getText()).isEqualTo("Tom Reyes");
            assertThat(table.getRow(1).getCell(2).getText()).isEqualTo("Fri 6 Mar 2026, {nonsense}");
            assertThat(filled.getHeaderList().getFirst().getText()).contains("Skerry Line Charging berth weekly");
            assertThat(filled.getFooterList().getFirst().getText()).contains("Boat hall");
        }
    }

    @Test
    void everything_that_is_offered_as_a_placeholder_can_be_filled() throws IOException {
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            for (String name : HousePlaceholders.KNOWN.keySet()) {
                if (HousePlaceholders.isOfItem(name)) {
                    document.createTable(1, 1).getRow(0).getCell(0).setText("{" + name + "}");
                } else {
                    document.createParagraph().createRun().setText("{" + name + "}");
                }
            }
            document.write(bytes);
            assertThat(HouseDocument.check(bytes.toByteArray())).allMatch(HouseDocument.Found::known);
            try (XWPFDocument filled =
                    new XWPFDocument(new ByteArrayInputStream(HouseDocument.fill(bytes.toByteArray(), COPY)))) {
                assertThat(filled.getDocument().xmlText()).doesNotContain("{");
            }
        }
    }

    @Test
    void what_is_no_document_is_refused_with_the_reason() {
        assertThatThrownBy(() -> HouseDocument.check("Dear all".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("no readable .docx");
        assertThatThrownBy(() -> HouseDocument.check(new byte[0])).hasMessageContaining("no readable .docx");
        assertThatThrownBy(() -> HouseDocument.check(new byte[10_000_001])).hasMessageContaining("10 MB");
    }

    @Test
    void one_that_carries_macros_is_refused() throws IOException {
        byte[] macros = with(house(), "word/vbaProject.bin", new byte[] {1, 2, 3});

        assertThatThrownBy(() -> HouseDocument.check(macros)).hasMessageContaining("macros");
    }

    @Test
    void one_that_unpacks_to_far_too_much_is_refused() throws IOException {
        byte[] bomb = with(house(), "word/media/bomb.xml", new byte[300_000_000]);

        assertThat(bomb.length).isLessThan(1_000_000);
        assertThatThrownBy(() -> HouseDocument.fill(bomb, COPY)).isInstanceOf(IllegalArgumentException.class);
    }

    /** The document with one part more. */
    private static byte[] with(byte[] document, String name, byte[] part) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(document));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                out.putNextEntry(new ZipEntry(entry.getName()));
                byte[] content = in.readAllBytes();
                if (entry.getName().equals("[Content_Types].xml")) {
                    content = new String(content, StandardCharsets.UTF_8)
                            .replace(
                                    "</Types>",
                                    "<Default Extension=\"bin\" ContentType=\"application/vnd.ms-office.vbaProject\"/></Types>")
                            .getBytes(StandardCharsets.UTF_8);
                }
                out.write(content);
            }
            out.putNextEntry(new ZipEntry(name));
            out.write(part);
        }
        return bytes.toByteArray();
    }
}
