package org.ledgerlamp.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/** Transcripts and notes inside documents, pages and mails. */
class DocumentsTest {
    private static final String TALK = "Mira Voss: Good morning.\nTom Reyes: The charger hums.\nMira Voss: Still?";

    private static Source read(byte[] bytes) throws UnreadableSource {
        return new SourceDesk(Limits.DEFAULT).read(bytes);
    }

    private static Source read(String text) throws UnreadableSource {
        return read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static List<String> said(Source source) {
        return source.utterances().stream()
                .map(u -> (u.start() == null ? "" : u.start().toSeconds() + " ") + u.speaker() + ": " + u.text())
                .toList();
    }

    private static byte[] zip(Map<String, String> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] docx(String body) throws IOException {
        return zip(Map.of(
                "word/document.xml",
                "<?xml version=\"1.0\"?><w:document xmlns:w=\"urn:w\" xmlns:mc=\"urn:mc\"><w:body>" + body
                        + "</w:body></w:document>"));
    }

    private static String p(String text) {
        return "<w:p><w:r><w:t xml:space=\"preserve\">" + text + "</w:t></w:r></w:p>";
    }

    @Nested
    class WordProcessor {
        @Test
        void paragraphs_in_any_text_layout_are_a_transcript() throws Exception {
            Source source = read(docx("<w:p><w:r><w:t>Mira Voss</w:t></w:r><w:r><w:tab/><w:t>0:03</w:t></w:r></w:p>"
                    + p("Good &amp; early ") + p("") + p("Tom Reyes   0:09")
                    + "<w:p><w:r><w:t>One</w:t><w:br/><w:t>two.</w:t></w:r></w:p>"));

            assertThat(said(source)).containsExactly("3 Mira Voss: Good & early", "9 Tom Reyes: One two.");
        }

        @Test
        void a_table_of_time_speaker_and_words_is_a_transcript() throws Exception {
            String row = "<w:tr><w:tc>%s</w:tc><w:tc>%s</w:tc><w:tc>%s</w:tc></w:tr>";
            Source source = read(docx("<w:tbl>" + row.formatted(p("Time"), p("Speaker"), p("Text"))
                    + row.formatted(p("0:01"), p("Mira Voss"), p("Morning.") + p("All well?"))
                    + row.formatted(p("0:05"), p("Tom Reyes"), p("It hums.")) + "</w:tbl>"));

            assertThat(said(source)).containsExactly("1 Mira Voss: Morning. All well?", "5 Tom Reyes: It hums.");
        }

        @Test
        void headings_and_nested_lists_are_notes_and_what_was_deleted_is_gone() throws Exception {
            String item = "<w:p><w:pPr><w:numPr><w:ilvl w:val=\"%d\"/></w:numPr></w:pPr><w:r><w:t>%s</w:t></w:r></w:p>";
            Source source = read(
                    docx(
                            "<w:p><w:pPr><w:pStyle w:val=\"Heading1\"/></w:pPr><w:r><w:t>Berths</w:t></w:r></w:p>"
                                    + item.formatted(0, "A: Tom orders the roller") + item.formatted(1, "by Friday")
                                    + "<w:p><w:del><w:r><w:delText>never mind</w:delText></w:r></w:del><w:r><w:t>kept</w:t></w:r></w:p>"));

            assertThat(source.isNotes()).isTrue();
            assertThat(source.noteLines())
                    .extracting(NoteLine::text)
                    .containsExactly("Berths", "Tom orders the roller", "by Friday", "kept");
            assertThat(source.noteLines()).extracting(NoteLine::indent).containsExactly(0, 0, 1, 0);
            assertThat(source.noteLines().getFirst().heading()).isTrue();
        }

        @Test
        void an_open_document_is_read_alike() throws Exception {
            Source source = read(zip(Map.of(
                    "content.xml",
                    "<office:document-content xmlns:office=\"urn:o\" xmlns:text=\"urn:t\"><office:body><office:text>"
                            + "<text:tracked-changes><text:p>gone</text:p></text:tracked-changes>"
                            + "<text:p>[0:03]<text:s/>Mira Voss: Good<text:line-break/>morning.</text:p>"
                            + "<text:p>[0:09] <text:span>Tom</text:span> Reyes: It <text:span>hums</text:span>.</text:p>"
                            + "</office:text></office:body></office:document-content>")));

            assertThat(said(source)).containsExactly("3 Mira Voss: Good morning.", "9 Tom Reyes: It hums.");
        }

        @Test
        void what_unpacks_to_more_than_the_limit_is_refused_and_says_so() throws Exception {
            byte[] bomb = docx(p("x".repeat(20_000)));

            assertThatThrownBy(() -> new SourceDesk(new Limits(10_000, 10, 5, 15_000, 3)).read(bomb))
                    .isInstanceOf(UnreadableSource.class)
                    .hasMessageContaining("word/document.xml")
                    .hasMessageContaining("unpacks to more than the limit of 15,000 bytes");
        }

        @Test
        void an_archive_a_broken_zip_and_a_locked_document_each_say_what_they_are() throws Exception {
            byte[] whole = docx(p(TALK));
            byte[] half = java.util.Arrays.copyOf(whole, whole.length / 2);

            assertThatThrownBy(() -> read(zip(Map.of("a.txt", "words"))))
                    .hasMessageContaining("expected a text document");
            assertThatThrownBy(() -> read(half)).hasMessageContaining("zipped document: broken");
            assertThatThrownBy(() -> read(new byte[] {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, 1, 2}))
                    .hasMessageContaining("locked with a password");
        }

        @Test
        void a_document_that_defines_entities_is_refused() throws Exception {
            byte[] bytes = zip(Map.of(
                    "word/document.xml",
                    "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY e SYSTEM \"file:///etc/passwd\">]>"
                            + "<w:document xmlns:w=\"urn:w\"><w:body>" + p("Tom Reyes: &e; hums") + p("Mira Voss: yes")
                            + p("Tom Reyes: no") + "</w:body></w:document>"));

            assertThatThrownBy(() -> read(bytes)).hasMessageContaining("it defines entities");
        }
    }

    @Nested
    class WebPage {
        @Test
        void blocks_lists_and_tables_are_lines_and_scripts_are_not() throws Exception {
            Source source = read("<!DOCTYPE html><html><head><title>x</title><script>alert(1)</script></head><body>"
                    + "<div><p>Mira Voss: Good <b>morning</b>.</p><p>Tom Reyes: It &lt;hums&gt;.<br>Still.</p></div>"
                    + "<p>Mira Voss: Oh.</p><style>p{}</style></body></html>");

            assertThat(said(source))
                    .containsExactly("Mira Voss: Good morning.", "Tom Reyes: It <hums>. Still.", "Mira Voss: Oh.");
        }

        @Test
        void a_list_in_a_page_is_nested_notes() throws Exception {
            Source source = read(
                    "<html><body><h2>Berths</h2><ul><li>D: keep the mobile unit<ul><li>till May</li></ul></li></ul></body></html>");

            assertThat(source.noteLines()).extracting(NoteLine::indent).containsExactly(0, 0, 1);
            assertThat(source.noteLines().get(1).mark()).contains(Mark.DECISION);
        }
    }

    @Nested
    class Pdf {
        private byte[] pdf(String password, List<String> lines) throws IOException {
            try (PDDocument pdf = new PDDocument();
                    ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
                PDPage page = new PDPage();
                pdf.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(pdf, page)) {
                    content.beginText();
                    content.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 11);
                    content.newLineAtOffset(50, 700);
                    for (String line : lines) {
                        content.showText(line);
                        content.newLineAtOffset(0, -16);
                    }
                    content.endText();
                }
                if (password != null) {
                    pdf.protect(new StandardProtectionPolicy("owner", password, new AccessPermission()));
                }
                pdf.save(bytes);
                return bytes.toByteArray();
            }
        }

        @Test
        void lines_broken_to_fit_the_page_are_joined() throws Exception {
            Source source = read(pdf(
                    null,
                    List.of(
                            "Mira Voss: Good morning and welcome to the",
                            "weekly.",
                            "Tom Reyes: It hums.",
                            "Mira Voss: Oh.")));

            assertThat(said(source))
                    .containsExactly(
                            "Mira Voss: Good morning and welcome to the weekly.",
                            "Tom Reyes: It hums.",
                            "Mira Voss: Oh.");
        }

        @Test
        void one_that_is_locked_broken_or_without_words_says_so() throws Exception {
            assertThatThrownBy(() -> read(pdf("secret", List.of("Mira Voss: hello"))))
                    .hasMessageContaining("locked");
            assertThatThrownBy(() -> read("%PDF-1.7 and nothing more")).hasMessageContaining("a broken PDF");
            assertThatThrownBy(() -> read(pdf(null, List.of()))).hasMessageContaining("without text");
        }
    }

    @Nested
    class RichTextFile {
        @Test
        void paragraphs_and_letters_beyond_ascii_are_read() throws Exception {
            Source source = read(
                    "{\\rtf1\\ansi\\ansicpg1252{\\fonttbl{\\f0 Arial;}}\\f0 Mira Voss: Good \\b morning\\b0.\\par\n"
                            + "Tom Reyes: The caf\\'e9 \\u8364? hums.\\par\nMira Voss: Oh.\\par}");

            assertThat(said(source))
                    .containsExactly("Mira Voss: Good morning.", "Tom Reyes: The café € hums.", "Mira Voss: Oh.");
        }

        @Test
        void a_table_is_read_row_by_row() throws Exception {
            Source source = read("{\\rtf1\\ansi\n"
                    + row("Time", "Speaker", "Text")
                    + row("0:00:05", "Mira Voss", "The cable C:\\\\cellar is in.\\par It holds.")
                    + row("0:00:09", "Tom Reyes", "Caf\\'e9 closed.")
                    + row("0:00:12", "Mira Voss", "Good.")
                    + "\\pard End.\\par}");

            assertThat(said(source))
                    .startsWith("5 Mira Voss: The cable C:\\cellar is in. It holds.", "9 Tom Reyes: Café closed.");
        }

        private static String row(String... cells) {
            return "\\trowd\\cellx1000\\cellx2000\\cellx9000 " + String.join("\\cell ", cells) + "\\cell \\row\n";
        }
    }

    @Nested
    class MailFile {
        @Test
        void notes_in_a_mail_are_read_without_what_is_quoted_and_signed() throws Exception {
            Source source = read(
                    """
                    From: Mira Voss <mira@skerry.example>
                    To: Tom Reyes <tom@skerry.example>
                    Subject: =?utf-8?q?Notes_caf=C3=A9?=
                    MIME-Version: 1.0
                    Content-Type: text/plain; charset=utf-8
                    Content-Transfer-Encoding: quoted-printable

                    A: Tom orders the roller =E2=82=AC40
                    > old words
                    D: keep it

                    --\s
                    Mira
                    """);

            assertThat(source.noteLines())
                    .extracting(NoteLine::text)
                    .containsExactly("Tom orders the roller €40", "keep it");
        }

        @Test
        void an_attached_transcript_is_read_rather_than_the_covering_words() throws Exception {
            String attached = Base64.getEncoder()
                    .encodeToString(docx(p("Mira Voss: One.") + p("Tom Reyes: Two.") + p("Mira Voss: Three.")));
            Source source = read(
                    """
                    From: a@skerry.example
                    To: b@skerry.example
                    Subject: transcript
                    MIME-Version: 1.0
                    Content-Type: multipart/mixed; boundary=X

                    --X
                    Content-Type: text/plain

                    Here it is.
                    --X
                    Content-Type: application/vnd.openxmlformats-officedocument.wordprocessingml.document; name=t.docx
                    Content-Disposition: attachment; filename=t.docx
                    Content-Transfer-Encoding: base64

                    %s
                    --X--
                    """
                            .formatted(attached));

            assertThat(said(source)).containsExactly("Mira Voss: One.", "Tom Reyes: Two.", "Mira Voss: Three.");
        }

        @Test
        void a_page_is_read_where_the_mail_has_no_plain_words() throws Exception {
            Source source = read(
                    """
                    From: a@skerry.example
                    To: b@skerry.example
                    Subject: notes
                    MIME-Version: 1.0
                    Content-Type: text/html; charset=utf-8

                    <ul><li>A: Tom orders the roller</li></ul>
                    """);

            assertThat(source.noteLines().getFirst().mark()).contains(Mark.ACTION);
        }
    }

    @Test
    void calendar_and_address_files_are_no_source_and_say_so() {
        assertThatThrownBy(() -> read("BEGIN:VCALENDAR\nEND:VCALENDAR")).hasMessageContaining("calendar");
    }
}
