package org.ledgerlamp.core.source;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * What a file claims to be by its name, held against what its bytes are. Programs are never taken for anything else;
 * archives are opened within limits.
 *
 * @param type what it is, in words, such as "PDF document"
 * @param problem why it is not to be handed on; null where it is what it claims to be
 */
public record FileClaim(String type, String problem) {
    private static final int HEAD = 1024;
    private static final int MOST_ENTRIES = 10_000;
    private static final long MOST_UNPACKED = 300L << 20;
    private static final int CHUNK = 1 << 14;

    /** What a kind of file begins with, in hexadecimal; where several are possible, any of them. */
    private record Kind(String type, String... beginnings) {}

    private static final Kind TEXT = new Kind("text");
    private static final Kind ARCHIVE = new Kind("archive", "504b0304", "504b0506");

    private static final Map<String, Kind> KINDS = Map.ofEntries(
            Map.entry("pdf", new Kind("PDF document", "255044462d")),
            Map.entry("png", new Kind("picture", "89504e470d0a1a0a")),
            Map.entry("jpg", new Kind("picture", "ffd8ff")),
            Map.entry("jpeg", new Kind("picture", "ffd8ff")),
            Map.entry("gif", new Kind("picture", "474946383761", "474946383961")),
            Map.entry("webp", new Kind("picture", "52494646")),
            Map.entry("wav", new Kind("sound", "52494646")),
            Map.entry("mp3", new Kind("sound", "494433", "fffb", "fff3", "fff2", "fffa")),
            Map.entry("ogg", new Kind("sound", "4f676753")),
            Map.entry("rtf", new Kind("text document", "7b5c727466")),
            Map.entry("zip", ARCHIVE),
            Map.entry("txt", TEXT),
            Map.entry("md", TEXT),
            Map.entry("csv", TEXT),
            Map.entry("vtt", TEXT),
            Map.entry("srt", TEXT),
            Map.entry("json", TEXT),
            Map.entry("ics", TEXT),
            Map.entry("eml", TEXT),
            Map.entry("html", TEXT),
            Map.entry("svg", TEXT));

    /** Documents that are archives, and an entry that each has. */
    private static final Map<String, String> ZIPPED = Map.of(
            "docx", "word/document.xml",
            "xlsx", "xl/workbook.xml",
            "pptx", "ppt/presentation.xml",
            "odt", "content.xml",
            "ods", "content.xml",
            "odp", "content.xml");

    /** What programs begin with: Windows, Linux, macOS, Java, scripts. */
    private static final List<String> PROGRAMS =
            List.of("4d5a", "7f454c46", "cffaedfe", "cefaedfe", "cafebabe", "2321", "4c00000001140200");

    /** Looks at a file. */
    public static FileClaim of(String name, byte[] bytes) {
        String extension = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (bytes.length == 0) {
            return new FileClaim("empty file", "it is empty");
        }
        if (beginsWithAny(bytes, PROGRAMS)) {
            return new FileClaim("program", "it is a program or script");
        }
        if (ZIPPED.containsKey(extension)) {
            return zipped(bytes, extension);
        }
        Kind kind = KINDS.get(extension);
        if (kind == null) {
            return new FileClaim("file", null);
        }
        boolean fits = kind.beginnings().length == 0
                ? isText(bytes)
                : beginsWithAny(bytes, List.of(kind.beginnings())) && isOfItsKind(extension, bytes);
        if (!fits) {
            return new FileClaim(kind.type(), "its name says ." + extension + ", its content is something else");
        }
        return kind.equals(ARCHIVE)
                ? new FileClaim(kind.type(), opened(bytes).problem())
                : new FileClaim(kind.type(), null);
    }

    /** Pictures and sounds in one common wrapping say within it which they are. */
    private static boolean isOfItsKind(String extension, byte[] bytes) {
        return switch (extension) {
            case "webp" -> head(bytes).startsWith("WEBP", 8);
            case "wav" -> head(bytes).startsWith("WAVE", 8);
            default -> true;
        };
    }

    private static FileClaim zipped(byte[] bytes, String extension) {
        String type = extension.startsWith("xls") || extension.equals("ods")
                ? "spreadsheet"
                : extension.startsWith("ppt") || extension.equals("odp") ? "slides" : "text document";
        if (!beginsWithAny(bytes, List.of(ARCHIVE.beginnings()))) {
            return new FileClaim(type, "its name says ." + extension + ", its content is something else");
        }
        Opened opened = opened(bytes);
        if (opened.problem() != null) {
            return new FileClaim(type, opened.problem());
        }
        if (!opened.names().contains(ZIPPED.get(extension))) {
            return new FileClaim(type, "its name says ." + extension + ", its content is something else");
        }
        boolean macros = opened.names().stream()
                .anyMatch(n -> n.endsWith("vbaProject.bin") || n.startsWith("Basic/") || n.startsWith("Scripts/"));
        return new FileClaim(type, macros ? "it carries macros, which its name does not say" : null);
    }

    /** The names in an archive, and what is wrong with it. */
    private record Opened(Set<String> names, String problem) {}

    private static Opened opened(byte[] bytes) {
        Set<String> names = new HashSet<>();
        long unpacked = 0;
        byte[] chunk = new byte[CHUNK];
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                if (names.size() > MOST_ENTRIES) {
                    return new Opened(names, "it holds more than %,d files".formatted(MOST_ENTRIES));
                }
                for (int n = zip.read(chunk); n >= 0; n = zip.read(chunk)) {
                    unpacked += n;
                    if (unpacked > MOST_UNPACKED) {
                        return new Opened(
                                names, "it unpacks to more than the limit of %,d bytes".formatted(MOST_UNPACKED));
                    }
                }
            }
            return new Opened(names, names.isEmpty() ? "it is a broken archive" : null);
        } catch (IOException | IllegalArgumentException e) {
            return new Opened(names, "it is a broken archive, or an encrypted one");
        }
    }

    private static boolean beginsWithAny(byte[] bytes, List<String> beginnings) {
        String head = HexFormat.of().formatHex(bytes, 0, Math.min(bytes.length, 16));
        return beginnings.stream().anyMatch(head::startsWith);
    }

    private static String head(byte[] bytes) {
        return new String(bytes, 0, Math.min(bytes.length, HEAD), StandardCharsets.ISO_8859_1);
    }

    /** Words in UTF-8 or UTF-16, or in an old one-byte set without control characters. */
    private static boolean isText(byte[] bytes) {
        if (beginsWithAny(bytes, List.of("fffe", "feff"))) {
            return true;
        }
        for (byte b : bytes) {
            if (b == 0) {
                return false;
            }
        }
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
            return true;
        } catch (CharacterCodingException notUtf8) {
            return head(bytes).chars().noneMatch(c -> c < ' ' && c != '\t' && c != '\n' && c != '\r' && c != '\f');
        }
    }
}
