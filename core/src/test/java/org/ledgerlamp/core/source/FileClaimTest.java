package org.ledgerlamp.core.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileClaimTest {
    private static byte[] zip(String... names) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (String name : names) {
                zip.putNextEntry(new ZipEntry(name));
                zip.write('x');
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @CsvSource({
        "plan.pdf, 255044462d312e37, PDF document",
        "quay.PNG, 89504e470d0a1a0a0000, picture",
        "quay.jpeg, ffd8ffe000104a46, picture",
        "quay.webp, 524946460000000057454250, picture",
        "horn.wav, 524946460000000057415645, sound",
        "horn.mp3, 49443304000000, sound",
        "unknown.xyz, 0102030405, file",
        "notes.txt, 4d697261c3a9, text",
        "latin.txt, 4d697261e92c, text",
        "wide.txt, fffe41000a00, text",
    })
    void a_file_that_is_what_its_name_says_is_taken(String name, String hex, String type) {
        assertThat(FileClaim.of(name, HexFormat.of().parseHex(hex))).isEqualTo(new FileClaim(type, null));
    }

    @ParameterizedTest
    @CsvSource({
        "plan.pdf, 89504e470d0a1a0a, something else",
        "quay.png, 255044462d312e37, something else",
        "quay.webp, 524946460000000057415645, something else",
        "notes.txt, 6d6972610000ff, something else",
        "plan.docx, 255044462d312e37, something else",
        "plan.pdf, 4d5a90000300, program or script",
        "notes.txt, 23212f62696e2f7368, program or script",
        "helper, 7f454c46020101, program or script",
        "shortcut.txt, 4c0000000114020000000000, program or script",
    })
    void one_that_is_something_else_is_said(String name, String hex, String problem) {
        assertThat(FileClaim.of(name, HexFormat.of().parseHex(hex)).problem()).contains(problem);
    }

    @Test
    void an_empty_file_is_said() {
        assertThat(FileClaim.of("plan.pdf", new byte[0]).problem()).isEqualTo("it is empty");
    }

    @Test
    void documents_are_known_by_what_they_hold() throws IOException {
        assertThat(FileClaim.of("plan.docx", zip("[Content_Types].xml", "word/document.xml")))
                .isEqualTo(new FileClaim("text document", null));
        assertThat(FileClaim.of("plan.xlsx", zip("xl/workbook.xml"))).isEqualTo(new FileClaim("spreadsheet", null));
        assertThat(FileClaim.of("plan.odp", zip("mimetype", "content.xml"))).isEqualTo(new FileClaim("slides", null));
        assertThat(FileClaim.of("plan.docx", zip("xl/workbook.xml")).problem()).contains("something else");
        assertThat(FileClaim.of("all.zip", zip("a.txt"))).isEqualTo(new FileClaim("archive", null));
    }

    @Test
    void macros_that_a_name_keeps_silent_about_are_said() throws IOException {
        assertThat(FileClaim.of("plan.docx", zip("word/document.xml", "word/vbaProject.bin"))
                        .problem())
                .contains("macros");
        assertThat(FileClaim.of("plan.ods", zip("content.xml", "Basic/Standard/Module1.xml"))
                        .problem())
                .contains("macros");
    }

    @Test
    void a_broken_archive_and_one_that_unpacks_without_end_are_said() throws IOException {
        byte[] good = zip("word/document.xml");
        byte[] cut = java.util.Arrays.copyOf(good, 20);
        assertThat(FileClaim.of("plan.docx", cut).problem()).contains("broken archive");
        assertThat(FileClaim.of("all.zip", bytes("PK\u0003\u0004nonsense and more of it, but no archive"))
                        .problem())
                .isNotNull();

        ByteArrayOutputStream bomb = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bomb)) {
            zip.putNextEntry(new ZipEntry("word/document.xml"));
            byte[] nothing = new byte[1 << 20];
            for (int i = 0; i < 301; i++) {
                zip.write(nothing);
            }
        }
        assertThat(FileClaim.of("plan.docx", bomb.toByteArray()).problem()).contains("unpacks to more than the limit");
    }
}
