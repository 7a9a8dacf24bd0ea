package org.ledgerlamp.core.exchange;

import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeBodyPart;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Properties;

/** Writes a letter as a mail file (RFC 5322) that a mail program opens as a draft. */
public final class MailFile {
    private MailFile() {}

    /** @param to addresses it is meant for; may be empty */
    public static byte[] write(Letter letter, List<String> to) {
        try {
            MimeMessage message = new MimeMessage(Session.getInstance(new Properties()));
            message.setSubject(letter.subject(), StandardCharsets.UTF_8.name());
            for (String address : to) {
                message.addRecipient(MimeMessage.RecipientType.TO, new InternetAddress(address, true));
            }
            message.setHeader("X-Unsent", "1");
            MimeMultipart both = new MimeMultipart("alternative");
            both.addBodyPart(part(letter.text(), "plain"));
            both.addBodyPart(part(letter.html(), "html"));
            message.setContent(both);
            message.saveChanges();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            message.writeTo(bytes);
            return bytes.toByteArray();
        } catch (MessagingException e) {
            throw new IllegalArgumentException("cannot be written as mail: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static MimeBodyPart part(String words, String kind) throws MessagingException {
        MimeBodyPart part = new MimeBodyPart();
        part.setText(words, StandardCharsets.UTF_8.name(), kind);
        return part;
    }
}
