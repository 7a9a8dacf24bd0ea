package org.ledgerlamp.core.source;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The characters of a source and its lines, whatever charset and line ends it came with. */
public final class SourceText {
    private static final Charset WINDOWS = Charset.forName("windows-1252");

    private final String text;
    private final List<String> lines;

    /** {@code text} as it is. */
    SourceText(String text) {
        this.text = text;
        this.lines = text.lines().toList();
    }

    /**
     * Decodes {@code bytes}: by byte-order mark, then as UTF-8, then as UTF-16 where every other byte is zero, then as
     * Windows-1252, which gives every remaining byte a meaning.
     *
     * @throws UnreadableSource where the bytes are no text
     */
    public static SourceText decode(byte[] bytes) throws UnreadableSource {
        String text = decodeMarked(bytes);
        if (text == null) {
            text = strictUtf8(bytes);
        }
        if (text == null || text.indexOf('\0') >= 0) {
            Charset wide = unmarkedUtf16(bytes);
            if (wide != null) {
                text = new String(bytes, wide);
            } else if (text == null) {
                text = new String(bytes, WINDOWS);
            }
        }
        int zero = text.indexOf('\0');
        if (zero >= 0) {
            throw new UnreadableSource("character " + (zero + 1), "a zero byte: this is no text file");
        }
        return new SourceText(text);
    }

    static boolean startsWith(byte[] bytes, int... head) {
        if (bytes.length < head.length) {
            return false;
        }
        for (int i = 0; i < head.length; i++) {
            if ((bytes[i] & 0xFF) != head[i]) {
                return false;
            }
        }
        return true;
    }

    private static String decodeMarked(byte[] bytes) {
        if (startsWith(bytes, 0xEF, 0xBB, 0xBF)) {
            return new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8);
        }
        if (startsWith(bytes, 0xFF, 0xFE)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        if (startsWith(bytes, 0xFE, 0xFF)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        return null;
    }

    private static String strictUtf8(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            return null;
        }
    }

    private static Charset unmarkedUtf16(byte[] bytes) {
        int sample = Math.min(bytes.length, 2000) & ~1;
        int even = 0;
        int odd = 0;
        for (int i = 0; i < sample; i += 2) {
            even += bytes[i] == 0 ? 1 : 0;
            odd += bytes[i + 1] == 0 ? 1 : 0;
        }
        if (sample < 8) {
            return null;
        }
        if (odd > sample / 2 * 0.8 && even == 0) {
            return StandardCharsets.UTF_16LE;
        }
        return even > sample / 2 * 0.8 && odd == 0 ? StandardCharsets.UTF_16BE : null;
    }

    /** All of it. */
    public String text() {
        return text;
    }

    /** The lines without their ends, in order. */
    List<String> lines() {
        return lines;
    }
}
