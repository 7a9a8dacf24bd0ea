package org.ledgerlamp.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.ledgerlamp.core.exchange.MinutesJson;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;

/**
 * Damages a source of every format in thousands of ways, the same ways every time: reading gives a source or the one
 * documented error, leaves the bytes as they are, and what can be read can be drafted, twice alike.
 */
class RobustnessTest {
    private static final int DAMAGES = 400;
    private static final int DRAFTS = 6;
    private static final String[] SPLINTERS = {
        "-->",
        "00:00:01.000 --> 00:00:00.000",
        "{",
        "[",
        "\"",
        "\\u0000",
        "<v ",
        "</w:t>",
        "&#x0;",
        "\r",
        "\t\t\t",
        "99999999999999999999",
        ":",
        "A: ",
        "- [ ] ",
        "\u202E",
        "\uD83D",
        "'",
        "Tom:",
        "I'll ",
        "by the 99th",
        "?",
        "%s%n"
    };
    private static final SourceDesk DESK = new SourceDesk(new Limits(1 << 20, 5000, 30, 4 << 20, 50));

    private static Map<String, byte[]> sources() throws IOException {
        Map<String, byte[]> sources = new LinkedHashMap<>();
        text(
                sources,
                "webvtt",
                "WEBVTT\n\n00:01.000 --> 00:04.000\n<v Tom Reyes>I'll order the roller by Friday.\n\n"
                        + "00:05.000 --> 00:06.000\n<v Mira Voss>Good, let's do that.\n");
        text(
                sources,
                "subrip",
                "1\n00:00:01,000 --> 00:00:04,000\nTom: I'll ring the yard.\n\n2\n00:00:05,000 --> 00:00:06,000\nMira: Thanks.\n");
        text(
                sources,
                "blocks",
                "Tom Reyes  0:03\nI'll ring the yard on Monday.\n\nMira Voss  0:09\nGood.\n\nTom Reyes  0:12\nThe fender broke.\n");
        text(
                sources,
                "lines",
                "[00:03:12] Tom Reyes: I'll ring.\n[00:03:15] Mira Voss: We agreed on two.\n[00:03:19] Ana: Who pays?\n");
        text(sources, "untimed", "Tom: I'll ring.\nMira: Could Ana look at it?\nTom: She can.\nMira: Right.\n");
        text(
                sources,
                "json",
                "{\"title\":\"x\",\"startedAt\":\"2026-03-02T10:01:10Z\",\"segments\":[{\"speaker\":\"Tom\",\"start\":1.5,\"end\":2,\"text\":\"I'll ring.\"},{\"speaker\":\"Mira\",\"start\":3,\"text\":\"Good.\"}]}");
        text(sources, "notes", "BERTHS\n- A: Tom orders roller by fri\n  - D: keep it\n- [x] done\n? what now\n");
        text(
                sources,
                "page",
                "<!doctype html><html><body><p>Tom: I'll ring.</p><ul><li>a<ul><li>b</li></ul></li></ul><table><tr><td>0:01</td><td>Tom</td><td>hi</td></tr></table></body></html>");
        text(sources, "rich text", "{\\rtf1\\ansi Tom: I'll ring.\\par Mira: Good.\\par Tom: Yes \\u8364?.\\par}");
        text(
                sources,
                "mail",
                "From: a@b.example\nTo: c@d.example\nSubject: notes\nMIME-Version: 1.0\nContent-Type: multipart/mixed; boundary=X\n\n--X\nContent-Type: text/plain\n\nA: Tom rings\n--X--\n");
        ByteArrayOutputStream zipped = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(zipped)) {
            zip.putNextEntry(new ZipEntry("word/document.xml"));
            zip.write(
                    "<w:document xmlns:w=\"w\"><w:body><w:p><w:r><w:t>Tom: I'll ring.</w:t></w:r></w:p></w:body></w:document>"
                            .getBytes(StandardCharsets.UTF_8));
        }
        sources.put("document", zipped.toByteArray());
        return sources;
    }

    private static void text(Map<String, byte[]> sources, String name, String text) {
        sources.put(name, text.getBytes(StandardCharsets.UTF_8));
    }

    @TestFactory
    List<DynamicTest> damaged_sources_are_read_or_refused() throws IOException {
        return sources().entrySet().stream()
                .map(e -> DynamicTest.dynamicTest(e.getKey(), () -> damage(e.getKey(), e.getValue())))
                .toList();
    }

    private static void damage(String name, byte[] whole) {
        SplittableRandom random = new SplittableRandom(name.hashCode());
        int drafted = 0;
        for (int i = 0; i < DAMAGES; i++) {
            byte[] damaged = damaged(whole, random);
            byte[] before = damaged.clone();
            try {
                Source source = DESK.read(damaged);
                assertThat(source.utterances()).as("%s, damage %d", name, i).isNotEmpty();
                if (drafted < DRAFTS && i % 7 == 0) {
                    drafted++;
                    assertThat(draft(source)).isEqualTo(draft(source));
                }
            } catch (UnreadableSource e) {
                assertThat(e.problem().place()).as("%s, damage %d", name, i).isNotBlank();
                assertThat(e.problem().message()).isNotBlank();
            }
            assertThat(damaged).isEqualTo(before);
        }
    }

    private static String draft(Source source) {
        return MinutesJson.write(Skerry.draft(source, null, Skerry.meeting("Berths")));
    }

    private static byte[] damaged(byte[] whole, SplittableRandom random) {
        byte[] bytes = whole.clone();
        int times = 1 + random.nextInt(4);
        for (int i = 0; i < times && bytes.length > 0; i++) {
            int at = random.nextInt(bytes.length);
            switch (random.nextInt(5)) {
                case 0 -> bytes[at] = (byte) random.nextInt(256);
                case 1 -> bytes = Arrays.copyOf(bytes, at);
                case 2 -> bytes = spliced(bytes, at, Arrays.copyOfRange(bytes, random.nextInt(at + 1), at));
                case 3 ->
                    bytes = spliced(
                            bytes, at, SPLINTERS[random.nextInt(SPLINTERS.length)].getBytes(StandardCharsets.UTF_8));
                default -> bytes = cut(bytes, at, Math.min(bytes.length, at + 1 + random.nextInt(20)));
            }
        }
        return bytes;
    }

    private static byte[] spliced(byte[] bytes, int at, byte[] in) {
        byte[] out = Arrays.copyOf(bytes, bytes.length + in.length);
        System.arraycopy(in, 0, out, at, in.length);
        System.arraycopy(bytes, at, out, at + in.length, bytes.length - at);
        return out;
    }

    private static byte[] cut(byte[] bytes, int from, int to) {
        byte[] out = Arrays.copyOf(bytes, bytes.length - (to - from));
        System.arraycopy(bytes, to, out, from, bytes.length - to);
        return out;
    }
}
