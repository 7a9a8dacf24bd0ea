package org.ledgerlamp.standins;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.Address;
import jakarta.mail.BodyPart;
import jakarta.mail.MessagingException;
import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;

/** A mail server that takes every letter and keeps it. */
public final class MailPartner implements AutoCloseable {
    private final GreenMail server;

    /**
     * Starts on loopback.
     *
     * @param port or 0 for any
     */
    public MailPartner(int port) {
        ServerSetup smtp = new ServerSetup(port, "127.0.0.1", ServerSetup.PROTOCOL_SMTP);
        server = new GreenMail(port == 0 ? smtp.dynamicPort() : smtp);
        server.start();
    }

    /** Where it listens for SMTP. */
    public int port() {
        return server.getSmtp().getPort();
    }

    /** What arrived, in order. */
    public List<MimeMessage> received() {
        return List.of(server.getReceivedMessages());
    }

    /** What arrived for an address, in order. */
    public List<MimeMessage> receivedBy(String address) {
        return received().stream().filter(m -> isFor(m, address)).toList();
    }

    private static boolean isFor(MimeMessage message, String address) {
        try {
            Address[] all = message.getAllRecipients();
            return all != null && Arrays.stream(all).anyMatch(a -> a.toString().contains(address));
        } catch (MessagingException e) {
            throw new IllegalStateException("a letter that was kept cannot be read", e);
        }
    }

    /** The words of a letter as plain text. */
    public static String text(Part letter) {
        try {
            if (letter.isMimeType("text/plain")) {
                return letter.getContent().toString().replace("\r\n", "\n");
            }
            if (letter.getContent() instanceof Multipart parts) {
                for (int i = 0; i < parts.getCount(); i++) {
                    BodyPart part = parts.getBodyPart(i);
                    String found = text(part);
                    if (!found.isEmpty()) {
                        return found;
                    }
                }
            }
            return "";
        } catch (MessagingException | IOException e) {
            throw new IllegalStateException("a letter that was kept cannot be read", e);
        }
    }

    @Override
    public void close() {
        server.stop();
    }
}
