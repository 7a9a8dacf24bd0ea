package org.ledgerlamp.core.source;

import jakarta.mail.MessagingException;
import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;

/** The parts of a mail (RFC 5322, RFC 2046) that are not themselves made of parts. */
public final class MailParts {
    private static final int DEEPEST = 20;

    private MailParts() {}

    /**
     * The innermost parts in order, those of forwarded mails among them.
     *
     * @throws MessagingException where the mail is broken, or its parts stand within parts deeper than twenty
     */
    public static List<Part> of(byte[] mail) throws MessagingException, IOException {
        List<Part> parts = new ArrayList<>();
        add(new MimeMessage(Session.getInstance(new Properties()), new ByteArrayInputStream(mail)), 0, parts);
        return parts;
    }

    private static void add(Part part, int depth, List<Part> parts) throws MessagingException, IOException {
        if (depth > DEEPEST) {
            throw new MessagingException("parts within parts deeper than " + DEEPEST);
        }
        if (part.isMimeType("multipart/*") && part.getContent() instanceof Multipart inner) {
            for (int i = 0; i < inner.getCount(); i++) {
                add(inner.getBodyPart(i), depth + 1, parts);
            }
        } else if (part.isMimeType("message/rfc822") && part.getContent() instanceof Part inner) {
            add(inner, depth + 1, parts);
        } else {
            parts.add(part);
        }
    }
}
