package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.Detail;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.minutes.NamePattern;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.minutes.Section.Content;
import org.ledgerlamp.core.minutes.Section.Form;
import org.ledgerlamp.core.minutes.Section.Grouping;
import org.ledgerlamp.core.minutes.ShippedTemplates;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.Attended;
import org.ledgerlamp.core.reading.Carried;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.Standing;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.core.reading.Topic;
import org.ledgerlamp.core.source.Utterance;

/** A folio written in every form there is, and read back where a form can be. */
class ExportTest {
    private static final String WILD =
            "Use *stars*, [brackets] | bars & <b>tags</b> \"quoted\" 1. not #9 – ☃ (as said)";

    private static Evidence said(int n, String quote) {
        return new Evidence(
                Evidence.Origin.TALK, n, Duration.ofSeconds(61L + n), "Mira Voss", 4, 4 + quote.length(), quote);
    }

    private static CopyLine line(int number, Kind kind, String section, String text, String owner, String due) {
        return new CopyLine(
                number,
                kind,
                section,
                text,
                owner,
                due == null ? null : LocalDate.parse(due),
                null,
                kind == null ? 0 : number % 2,
                1,
                List.of(),
                kind == Kind.DECISION
                        ? new Finding.Backing(
                                "Mira Voss", List.of("Tom Reyes", "Ana Prokop"), List.of(), Standing.AGREED)
                        : null,
                List.of(said(number, "words of line " + number), said(number + 20, "“more” of it: " + number)));
    }

    private static FairCopy folio(Template template) {
        List<CopyLine> lines = new ArrayList<>();
        lines.add(line(1, null, null, "The fender gets a roller. " + WILD, null, null));
        lines.add(line(2, Kind.DECISION, null, WILD, null, null));
        lines.add(
                line(3, Kind.ACTION, null, "Tom Reyes to order the roller (the wide one)", "Tom Reyes", "2026-03-06"));
        lines.add(line(4, Kind.ACTION, null, "Order the roller", "Ana Prokop", null));
        lines.add(line(5, Kind.ACTION, null, "Tom Reyes to be told", null, null));
        lines.add(new CopyLine(
                6,
                Kind.ACTION,
                null,
                "Ring the council",
                null,
                null,
                "after the audit",
                0,
                1,
                List.of(),
                null,
                List.of()));
        lines.add(line(7, Kind.QUESTION, null, "Who insures it?", null, null));
        lines.add(line(8, Kind.RISK, null, "-- The cable wears through", null, null));
        lines.add(line(9, Kind.POINT, null, "3. The survey is late; it says so (see page 4)", null, null));
        lines.add(line(10, Kind.POINT, null, "+ A point of another topic", null, null));
        if (!template.asking().isEmpty()) {
            lines.add(line(11, null, template.asking().getFirst().heading(), "Four thousand euros", null, null));
        }
        return new FairCopy(
                new MeetingFacts(
                        "Berth | weekly",
                        LocalDate.of(2026, 3, 3),
                        LocalTime.of(9, 30),
                        ZoneId.of("Europe/Oslo"),
                        45,
                        "weekly status",
                        "Boat hall",
                        "Berth weekly",
                        List.of(),
                        List.of(),
                        List.of("Fender", "Cable \\ plug"),
                        null,
                        List.of(new Carried("Ring the hire firm", "Tom Reyes", LocalDate.of(2026, 3, 1), "26.4"))),
                template,
                27,
                2,
                "The fender gets a roller.",
                lines,
                List.of(new Topic("Fender", 0, 9, Duration.ofSeconds(3), 0), new Topic("Cable", 10, 20, null, null)),
                List.of(
                        new Presence(
                                "Mira Voss", "lead", Attended.PRESENT, false, 812, 0.6, 12, Duration.ofSeconds(300)),
                        new Presence("Tom Reyes", null, Attended.PRESENT, true, 400, 0.4, 9, Duration.ofSeconds(120)),
                        new Presence("Ana Prokop", null, Attended.PRESENT, false, 0, 0, 0, null),
                        new Presence("Ivo Brandt", null, Attended.ABSENT, false, 0, 0, 0, null),
                        new Presence("Petra Holt", null, Attended.UNKNOWN, false, 0, 0, 0, null)),
                new TalkFigures(Duration.ofMinutes(43), Duration.ofMinutes(45), Duration.ofSeconds(30), 0.125),
                List.of(new Utterance(0, "Mira Voss", Duration.ofSeconds(3), null, "Shall we?")));
    }

    private static FairCopy folio() {
        return folio(Template.named("Supplier call").orElseThrow());
    }

    private static Template of(Section... sections) {
        return new Template(
                "Odd",
                List.of("odd"),
                Detail.BRIEF,
                new NamePattern("{series}: {title}"),
                new NamePattern("{date}"),
                List.of(sections));
    }

    @Test
    void json_read_back_is_the_same_folio() {
        for (Template template : ShippedTemplates.ALL) {
            assertThat(MinutesJsonReader.read(MinutesJson.write(folio(template))))
                    .as(template.name())
                    .isEqualTo(folio(template));
        }
    }

    @Test
    void markdown_read_back_is_the_same_folio_but_for_the_source_it_does_not_hold() {
        for (Template template : ShippedTemplates.ALL) {
            FairCopy copy = folio(template);
            FairCopy read = MinutesMarkdownReader.read(MinutesMarkdown.write(copy, true));

            assertThat(read.lines()).as(template.name()).containsExactlyElementsOf(copy.lines());
            assertThat(read.meeting()).isEqualTo(copy.meeting());
            assertThat(read.template()).isEqualTo(copy.template());
            assertThat(read.attendance()).isEqualTo(copy.attendance());
            assertThat(read.topics()).isEqualTo(copy.topics());
            assertThat(read.figures()).isEqualTo(copy.figures());
            assertThat(read.folio()).isEqualTo(27);
            assertThat(read.revision()).isEqualTo(2);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"SENTENCES", "LIST", "TABLE", "CHECK_BOXES"})
    void markdown_is_read_back_whatever_form_a_section_is_set_in(String form) {
        FairCopy copy = folio(of(
                Section.of("In short", Content.SUMMARY),
                Section.of("Actions", Content.ACTIONS).as(Form.valueOf(form)).grouped(Grouping.BY_OWNER),
                Section.of("Agreed", Content.DECISIONS).as(Form.valueOf(form)),
                Section.of("Lowlights", Content.LOWLIGHTS).always(),
                Section.saying("Note", "The same\nevery time"),
                Section.of("Talk", Content.TOPICS).as(Form.valueOf(form))));

        assertThat(MinutesMarkdownReader.read(MinutesMarkdown.write(copy, true)).lines())
                .containsExactlyElementsOf(copy.lines());
    }

    @Test
    void wording_that_was_edited_in_the_markdown_is_read_as_edited() {
        String page =
                MinutesMarkdown.write(folio(), false).replace("Who insures it?", "Who insures the *mobile* unit?");

        assertThat(MinutesMarkdownReader.read(page).of(Kind.QUESTION))
                .extracting(CopyLine::text)
                .containsExactly("Who insures the mobile unit?");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "# Minutes", "---\ntitle: \"x\"\n", "---\nformat: \"other\"\n---\n", "---\n???\n---\n"})
    void what_is_no_such_page_is_refused_with_the_reason(String page) {
        assertThatThrownBy(() -> MinutesMarkdownReader.read(page))
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .isNotBlank();
    }

    @Test
    void html_is_one_file_in_which_words_are_words() {
        Document page = Jsoup.parse(MinutesHtml.write(folio(), true));

        assertThat(page.select("b, script, link, img, iframe")).isEmpty();
        assertThat(page.text()).contains("<b>tags</b> \"quoted\"").contains("27.3 Tom Reyes to order the roller");
        assertThat(page.select("h1").text()).isEqualTo("Berth | weekly");
        assertThat(page.select("h2").eachText()).contains("Agreed", "Price and terms", "What the lines rest on");
        assertThat(page.select("#n27\\.3").parents().first().text()).contains("Fri 6 Mar 2026");
    }

    @Test
    void plain_text_has_every_line_with_what_stands_beside_it() {
        assertThat(MinutesText.write(folio(), false))
                .contains("AGREED\n\n- 27.2 " + WILD + " (agreed)")
                .contains("27.4 Order the roller (Ana Prokop)")
                .contains("27.5 Tom Reyes to be told (owner open)")
                .contains("27.6 Ring the council (owner open; “after the audit”)");
    }

    @Test
    void a_document_has_real_styles_lists_and_boxes() throws IOException {
        Template weekly = Template.named("Weekly status").orElseThrow();
        byte[] bytes = MinutesDocx.write(folio(weekly), false);
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(bytes))) {
            List<String> headings = document.getParagraphs().stream()
                    .filter(p -> "Heading1".equals(p.getStyle()))
                    .map(XWPFParagraph::getText)
                    .toList();
            assertThat(headings).containsSubsequence("Attendance", "Summary", "Decisions", "Actions", "Discussed");
            assertThat(document.getParagraphs()).anySatisfy(p -> {
                assertThat(p.getText()).contains("27.2");
                assertThat(p.getNumFmt()).isEqualTo("bullet");
            });
            assertThat(document.getDocument().xmlText()).contains("checkbox").contains("27.3");
        }
    }

    @Test
    void a_pdf_is_tagged_has_its_fonts_in_it_and_says_what_the_folio_says() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(MinutesPdf.write(folio(), true))) {
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("Berth | weekly");
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains("27.3 Tom Reyes to order the roller (the wide one) (Fri 6 Mar 2026)")
                    .contains("“words of line 3”");
            for (PDPage page : pdf.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                }
            }
        }
    }

    @Test
    void actions_are_tasks_and_a_table_without_formulas() {
        List<ActionsFile.Action> actions = List.of(
                new ActionsFile.Action(
                        "a@lamp",
                        "27.3",
                        "=HYPERLINK(\"x\")",
                        "Tom Reyes",
                        LocalDate.of(2026, 3, 6),
                        null,
                        "Berth",
                        LocalDate.of(2026, 3, 3)),
                new ActionsFile.Action(
                        "b@lamp",
                        "27.4",
                        "Paint it",
                        null,
                        null,
                        LocalDate.of(2026, 3, 4),
                        "Berth",
                        LocalDate.of(2026, 3, 3)));

        assertThat(ActionsFile.calendar(actions))
                .contains(
                        "BEGIN:VTODO",
                        "UID:a@lamp",
                        "DUE;VALUE=DATE:20260306",
                        "STATUS:NEEDS-ACTION",
                        "STATUS:COMPLETED");
        assertThat(ActionsFile.table(actions).lines())
                .containsExactly(
                        "number,action,owner,due,done,meeting,date",
                        "27.3,\"'=HYPERLINK(\"\"x\"\")\",Tom Reyes,2026-03-06,,Berth,2026-03-03",
                        "27.4,Paint it,,,2026-03-04,Berth,2026-03-03");
    }
}
