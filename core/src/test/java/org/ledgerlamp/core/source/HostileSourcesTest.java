package org.ledgerlamp.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HostileSourcesTest {
    private final SourceDesk desk = new SourceDesk(Limits.DEFAULT);

    private static final List<String> HONEST = List.of(
            "WEBVTT\n\n00:01.000 --> 00:02.000\n<v Tom>One.\n\n00:03.000 --> 00:04.000\n<v Ana>Two.\n",
            "1\n00:00:01,000 --> 00:00:02,500\nMira: Good.\n\n2\n00:00:03,000 --> 00:00:04,000\nTom: Fine.\n",
            "[00:03:12] Mira Voss: Let's begin.\n[00:03:20] Tom Reyes: Fine.\n",
            "Mira Voss   0:03:12\nLet's begin.\n\nTom Reyes   0:03:20\nFine.\n",
            "{\"segments\":[{\"speaker\":\"Tom\",\"start\":1,\"end\":2,\"text\":\"Hi\"}]}",
            "# Notes\n- A: ring the yard\n  - [ ] order\n");

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
    void words_come_out_the_same_in_every_charset(String charset) throws Exception {
        String text = "Quay café: naïve “plan” costs 100 £ at Holm’s pier and nothing more is said here\n";

        Source source = desk.read(text.getBytes(Charset.forName(charset)));

        assertThat(source.utterances().getFirst().text()).isEqualTo(text.strip());
    }

    @Test
    void a_byte_order_mark_is_no_part_of_the_words() throws Exception {
        assertThat(desk.read("\uFEFFWEBVTT\n\n00:01.000 --> 00:02.000\nTom: Hi.\n".getBytes(StandardCharsets.UTF_8))
                        .format())
                .isEqualTo(SourceFormat.WEBVTT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"PK\u0003\u0004 zipped", "%PDF-1.7 page", "\u007FELF\u0002\u0000program"})
    void what_is_no_text_is_refused_by_what_it_is(String bytes) {
        assertThatThrownBy(() -> desk.read(bytes.getBytes(StandardCharsets.ISO_8859_1)))
                .isInstanceOf(UnreadableSource.class)
                .hasMessageMatching(
                        "(?:zipped document|whole file|character \\d+): .*(?:expected|a broken PDF|this is no text file).*");
    }

    @Test
    void limits_are_named_in_the_message() {
        SourceDesk small = new SourceDesk(new Limits(2000, 3, 5, 5000, 3));
        String many = "[00:03:12] Mira Voss: One.\n".repeat(4);

        assertThatThrownBy(() -> small.read(new byte[2001]))
                .hasMessageContaining("2,001 bytes are more than the limit of 2,000");
        assertThatThrownBy(() -> small.read(many.getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("more than 3 utterances");
        assertThatThrownBy(() -> small.read(
                        ("{\"segments\":" + "[".repeat(9) + "]".repeat(9) + "}").getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableSource.class);
        assertThatThrownBy(() -> small.readNotes("a\nb\nc\nd\n".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("more than 3 lines");
    }

    @Test
    void a_long_list_of_troubles_is_cut_and_the_rest_counted() throws Exception {
        String bad = "00:01.000 --> never\nTom: x\n\n".repeat(80);

        Source source =
                desk.read(("WEBVTT\n\n00:01.000 --> 00:02.000\nTom: Hi.\n\n" + bad).getBytes(StandardCharsets.UTF_8));

        assertThat(source.problems()).hasSize(51);
        assertThat(source.problems().getLast().message()).isEqualTo("30 more places could not be read");
    }

    @Test
    void markup_and_quotes_stay_words() throws Exception {
        Source source = desk.read("[00:01] Tom \"T\" O'Neill: <script>alert('x')</script> & so on\n[00:02] Ana: yes\n"
                .getBytes(StandardCharsets.UTF_8));

        assertThat(source.utterances())
                .anySatisfy(u -> assertThat(u.text()).contains("<script>alert('x')</script> & so on"));
    }

    @Test
    void a_file_spoilt_at_random_is_read_or_refused_but_never_worse() {
        Random random = new Random(20260303);
        for (String honest : HONEST) {
            for (int i = 0; i < 400; i++) {
                byte[] bytes = spoilt(honest.getBytes(StandardCharsets.UTF_8), random);
                byte[] before = bytes.clone();
                try {
                    Source source = desk.read(bytes);
                    assertThat(source.utterances()).as(honest).isNotEmpty();
                    for (int n = 0; n < source.utterances().size(); n++) {
                        assertThat(source.utterances().get(n).n()).isEqualTo(n);
                        assertThat(source.utterances().get(n).text()).isNotBlank();
                    }
                } catch (UnreadableSource e) {
                    assertThat(e.problem().place()).isNotBlank();
                    assertThat(e.problem().message()).isNotBlank();
                }
                assertThat(bytes).isEqualTo(before);
            }
        }
    }

    /** Bytes changed, taken out, doubled or cut off. */
    private static byte[] spoilt(byte[] honest, Random random) {
        byte[] bytes = honest.clone();
        for (int changes = 1 + random.nextInt(6); changes > 0 && bytes.length > 1; changes--) {
            int at = random.nextInt(bytes.length);
            switch (random.nextInt(4)) {
                case 0 -> bytes[at] = (byte) random.nextInt(256);
                case 1 -> bytes = Arrays.copyOf(bytes, Math.max(1, at));
                case 2 -> System.arraycopy(honest, 0, bytes, at, Math.min(honest.length, bytes.length - at));
                default -> {
                    byte[] shorter = new byte[bytes.length - 1];
                    System.arraycopy(bytes, 0, shorter, 0, at);
                    System.arraycopy(bytes, at + 1, shorter, at, shorter.length - at);
                    bytes = shorter;
                }
            }
        }
        return bytes;
    }

    @Test
    void a_document_of_millions_of_tiny_paragraphs_is_refused_before_it_is_taken_apart() throws Exception {
        byte[] paragraph = "<w:p><w:r><w:t>a</w:t></w:r></w:p>".getBytes(StandardCharsets.UTF_8);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(file)) {
            zip.putNextEntry(new ZipEntry("word/document.xml"));
            zip.write("<w:document><w:body>".getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < 2_300_000; i++) {
                zip.write(paragraph);
            }
            zip.write("</w:body></w:document>".getBytes(StandardCharsets.UTF_8));
        }
        String page = "<html><body>" + "<p>a".repeat(2_300_000);

        assertThatThrownBy(() -> desk.read(file.toByteArray()))
                .isInstanceOf(UnreadableSource.class)
                .hasMessageContaining("more than 1,000,000 elements");
        assertThatThrownBy(() -> desk.read(page.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableSource.class)
                .hasMessageContaining("more than 1,000,000 elements");
    }
}
