package org.ledgerlamp.trials.soak;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Damages files as transport, other programs and ill will do. The same seed does the same damage. */
final class Damage {
    private static final int MOST_ROUNDS = 4;
    private static final int LONGEST_REPEATED = 4000;
    private static final int MOST_BYTES = 400_000;
    private static final List<byte[]> HOSTILE = List.of(
            bytes("\u0000\u0000\u0000"),
            bytes("<script>alert(1)</script>"),
            bytes("<!DOCTYPE x [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\">]>&b;"),
            bytes("99:99:99.999 --> 00:00:00.000\n"),
            bytes("-1:00:00,000 --> 999999999:00:00,000\n"),
            bytes("[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[["),
            bytes("{\"a\":{\"a\":{\"a\":{\"a\":{\"a\":"),
            bytes("\u202e\u200f\ufeff\ufffd"),
            bytes("=HYPERLINK(\"http://127.0.0.1:1\")"),
            bytes("' or 1=1; drop table member; --"),
            bytes("%s%n%x ${jndi:x} {{7*7}} ../../../../etc/passwd"),
            bytes("99999999999999999999999999999999999999"),
            bytes("\r\n.\r\nMIME-Version: 1.0\r\nContent-Type: multipart/mixed; boundary=\"\"\r\n\r\n"),
            new byte[] {(byte) 0xff, (byte) 0xfe, (byte) 0xc0, (byte) 0x80, (byte) 0xed, (byte) 0xa0, (byte) 0x80});

    private final Random random;

    Damage(long seed) {
        random = new Random(seed);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** The same file, damaged in one to several ways. */
    byte[] done(byte[] file) throws IOException {
        byte[] damaged = file;
        if (file.length > 4 && file[0] == 'P' && file[1] == 'K' && random.nextInt(3) > 0) {
            // In what is packed, for a damaged archive is soon found out.
            damaged = inside(file);
        } else {
            for (int round = random.nextInt(MOST_ROUNDS); round >= 0; round--) {
                damaged = once(damaged);
            }
        }
        return damaged.length > MOST_BYTES ? Arrays.copyOf(damaged, MOST_BYTES) : damaged;
    }

    private byte[] inside(byte[] archive) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive));
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                byte[] content = in.readAllBytes();
                zip.putNextEntry(new ZipEntry(entry.getName()));
                zip.write(random.nextInt(4) == 0 ? once(content) : content);
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    private byte[] once(byte[] file) {
        int from = random.nextInt(file.length + 1);
        int to = from + random.nextInt(Math.min(file.length - from, LONGEST_REPEATED) + 1);
        byte[] head = Arrays.copyOf(file, from);
        byte[] part = Arrays.copyOfRange(file, from, to);
        byte[] tail = Arrays.copyOfRange(file, to, file.length);
        return switch (random.nextInt(8)) {
            case 0 -> head;
            case 1 -> joined(head, tail);
            case 2 -> joined(head, part, part, tail);
            case 3 -> joined(head, HOSTILE.get(random.nextInt(HOSTILE.size())), part, tail);
            case 4 -> repeated(head, part, tail);
            case 5 -> joined(tail, part, head);
            case 6 -> numbers(file);
            default -> flipped(file);
        };
    }

    private byte[] repeated(byte[] head, byte[] part, byte[] tail) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(head);
        for (int i = random.nextInt(300); i >= 0 && out.size() < MOST_BYTES; i--) {
            out.writeBytes(part);
        }
        out.writeBytes(tail);
        return out.toByteArray();
    }

    private byte[] flipped(byte[] file) {
        byte[] flipped = file.clone();
        for (int i = random.nextInt(40); i >= 0 && flipped.length > 0; i--) {
            flipped[random.nextInt(flipped.length)] = (byte) random.nextInt(256);
        }
        return flipped;
    }

    private byte[] numbers(byte[] file) {
        byte[] changed = file.clone();
        for (int i = 0; i < changed.length; i++) {
            if (changed[i] >= '0' && changed[i] <= '9' && random.nextInt(10) == 0) {
                changed[i] = (byte) ('0' + random.nextInt(10));
            }
        }
        return changed;
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            out.writeBytes(part);
        }
        return out.toByteArray();
    }
}
