package org.ledgerlamp.core.source;

import jakarta.mail.MessagingException;
import jakarta.mail.Part;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;

/**
 * Takes notes or a transcript out of a mail (RFC 5322): the attached one where there is one, else what the writer wrote,
 * without what is quoted below and without the signature.
 */
final class Mail {
    private static final Pattern HEADER = Pattern.compile(
            "^(?:from|to|subject|date|received|return-path|message-id|mime-version|delivered-to|x-[\\w-]+|reply-to|content-type)\\s*:",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern QUOTE_BEGINS = Pattern.compile(
            "^(?:-{2,}\\s*(?:original message|forwarded message).*|_{10,}|on .{5,120} wrote:)$",
            Pattern.CASE_INSENSITIVE);
    private static final int HEADERS_AT_LEAST = 3;

    private final Limits limits;
    private final StringBuilder plain = new StringBuilder();
    private final StringBuilder page = new StringBuilder();
    private final List<SourceText> attached = new ArrayList<>();

    private Mail(Limits limits) {
        this.limits = limits;
    }

    /** Whether a text begins as a mail does: with lines of headers. */
    static boolean isIn(String head) {
        int headers = 0;
        for (String line : head.lines().toList()) {
            if (line.isBlank()) {
                break;
            }
            boolean folded = line.startsWith(" ") || line.startsWith("\t");
            if (HEADER.matcher(line).find()) {
                headers++;
            } else if (!folded && !line.matches("[\\w-]+:.*")) {
                return false;
            }
        }
        return headers >= HEADERS_AT_LEAST;
    }

    static String textOf(byte[] bytes, Limits limits) throws UnreadableSource {
        Mail mail = new Mail(limits);
        try {
            for (Part part : MailParts.of(bytes)) {
                mail.take(part);
            }
        } catch (MessagingException | IOException | RuntimeException e) {
            throw new UnreadableSource("mail", "broken: " + e.getMessage());
        }
        if (!mail.attached.isEmpty()) {
            return mail.attached.getFirst().text();
        }
        String text = mail.plain.toString().isBlank()
                ? MarkupDocument.textOf(Jsoup.parse(mail.page.toString()))
                : mail.plain.toString();
        return written(text);
    }

    private void take(Part part) throws MessagingException, IOException, UnreadableSource {
        if (Part.ATTACHMENT.equalsIgnoreCase(part.getDisposition()) || part.getFileName() != null) {
            attach(part);
        } else if (part.isMimeType("text/plain")) {
            plain.append(part.getContent()).append('\n');
        } else if (part.isMimeType("text/html")) {
            page.append(part.getContent()).append('\n');
        }
    }

    /** Keeps an attachment that holds text; pictures and the like are passed over. */
    private void attach(Part part) throws MessagingException, IOException, UnreadableSource {
        boolean readable =
                part.isMimeType("text/*") && !part.isMimeType("text/calendar") || part.isMimeType("application/*");
        if (!readable || part.isMimeType("application/ics")) {
            return;
        }
        byte[] bytes;
        try (InputStream in = part.getInputStream()) {
            bytes = in.readNBytes(limits.bytes() + 1);
        }
        if (bytes.length > limits.bytes()) {
            throw new UnreadableSource(
                    "attachment " + part.getFileName(), "more than the limit of %,d bytes".formatted(limits.bytes()));
        }
        try {
            SourceText text = Documents.attachedTextOf(bytes, limits);
            if (!text.text().isBlank()) {
                attached.add(text);
            }
        } catch (UnreadableSource e) {
            throw new UnreadableSource(
                    "attachment " + part.getFileName() + ", " + e.problem().place(),
                    e.problem().message());
        }
    }

    private static String written(String text) {
        StringBuilder kept = new StringBuilder();
        for (String line : text.lines().toList()) {
            if (QUOTE_BEGINS.matcher(line.strip()).matches() || line.equals("-- ") || line.equals("--")) {
                break;
            }
            if (!line.startsWith(">")) {
                kept.append(line).append('\n');
            }
        }
        return kept.toString();
    }
}
