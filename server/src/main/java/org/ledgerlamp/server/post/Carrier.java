package org.ledgerlamp.server.post;

import jakarta.mail.Address;
import jakarta.mail.MessagingException;
import jakarta.mail.SendFailedException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.UnsupportedEncodingException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.Properties;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeoutException;
import org.eclipse.angus.mail.smtp.SMTPAddressFailedException;
import org.eclipse.angus.mail.smtp.SMTPSendFailedException;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Letter;
import org.ledgerlamp.server.outgoing.Deadline;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.MailAuthenticationException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;

/** Hands letters to a mail server by SMTP (RFC 5321). */
final class Carrier {
    private static final String PATIENCE_MS = "20000";
    /** For a letter from the first step to the last, however slowly the server takes it. */
    private static final Duration WHOLE = Duration.ofSeconds(60);

    private static final int FIRST_FINAL_REPLY = 500;

    private final JavaMailSenderImpl sender = new JavaMailSenderImpl();
    private final MailAccount account;

    Carrier(MailAccount account, @Nullable String secret) {
        this.account = account;
        sender.setHost(account.host());
        sender.setPort(account.port());
        sender.setDefaultEncoding(StandardCharsets.UTF_8.name());
        Properties smtp = sender.getJavaMailProperties();
        for (String wait : new String[] {"connectiontimeout", "timeout", "writetimeout"}) {
            smtp.setProperty("mail.smtp." + wait, PATIENCE_MS);
        }
        smtp.setProperty("mail.smtp.starttls.required", String.valueOf(account.safety() == Safety.STARTTLS));
        smtp.setProperty("mail.smtp.starttls.enable", String.valueOf(account.safety() == Safety.STARTTLS));
        smtp.setProperty("mail.smtp.ssl.enable", String.valueOf(account.safety() == Safety.TLS));
        smtp.setProperty("mail.smtp.ssl.checkserveridentity", "true");
        if (account.username() != null) {
            smtp.setProperty("mail.smtp.auth", "true");
            sender.setUsername(account.username());
            sender.setPassword(secret == null ? "" : secret);
        }
    }

    /** A letter that did not go out. */
    static final class NotTaken extends Exception {
        private static final long serialVersionUID = 1L;

        private final boolean forGood;

        private NotTaken(String why, boolean forGood, Throwable cause) {
            super(why, cause);
            this.forGood = forGood;
        }

        /** Whether sending it again is of no use. */
        boolean isForGood() {
            return forGood;
        }
    }

    /**
     * Hands a letter over.
     *
     * @param file what goes along with it, or null
     * @param replyTo the member who sends it, or null
     * @param name of the message, the same however often it is sent (RFC 5322, Message-ID)
     * @throws NotTaken where the server did not take it
     */
    void carry(
            Letter letter,
            @Nullable Enclosure file,
            Recipient to,
            @Nullable Recipient replyTo,
            String name,
            Instant writtenAt)
            throws NotTaken {
        try {
            MimeMessage message = message(letter, file, to, replyTo, name, writtenAt);
            Deadline.within(WHOLE, () -> {
                sender.send(message);
                return true;
            });
        } catch (TimeoutException e) {
            throw new NotTaken(reason(e), false, e);
        } catch (ExecutionException e) {
            throw notTaken(e.getCause());
        } catch (MessagingException | UnsupportedEncodingException e) {
            throw new NotTaken("The letter cannot be written: " + e.getMessage(), true, e);
        }
    }

    private NotTaken notTaken(Throwable why) {
        return switch (why) {
            case MailAuthenticationException e ->
                new NotTaken("The mail server does not let us in: name and password do not fit.", false, e);
            case MailSendException e -> {
                Exception cause =
                        e.getFailedMessages().values().stream().findFirst().orElse(e);
                yield new NotTaken(reason(cause), isFinal(cause), e);
            }
            default -> new NotTaken(reason(why), false, why);
        };
    }

    private MimeMessage message(
            Letter letter,
            @Nullable Enclosure file,
            Recipient to,
            @Nullable Recipient replyTo,
            String name,
            Instant writtenAt)
            throws MessagingException, UnsupportedEncodingException {
        MimeMessage message = new Named(sender, name + "@" + account.sender().replaceFirst(".*@", ""));
        MimeMessageHelper helper = new MimeMessageHelper(message, true, StandardCharsets.UTF_8.name());
        helper.setFrom(account.sender(), account.senderName());
        helper.setTo(address(to));
        if (replyTo != null) {
            helper.setReplyTo(address(replyTo));
        }
        helper.setSubject(letter.subject());
        helper.setText(letter.text(), letter.html());
        if (file != null) {
            helper.addAttachment(file.name(), new ByteArrayResource(file.bytes()), "application/pdf");
        }
        helper.setSentDate(Date.from(writtenAt));
        return message;
    }

    private static InternetAddress address(Recipient of) throws MessagingException, UnsupportedEncodingException {
        InternetAddress address = new InternetAddress(of.address().strip(), true);
        address.setPersonal(of.name(), StandardCharsets.UTF_8.name());
        return address;
    }

    /** A message that keeps its name when it is sent. */
    private static final class Named extends MimeMessage {
        private final String id;

        Named(JavaMailSenderImpl sender, String id) {
            super(sender.getSession());
            this.id = id;
        }

        @Override
        protected void updateMessageID() throws MessagingException {
            setHeader("Message-ID", "<" + id + ">");
        }
    }

    private boolean isFinal(Throwable cause) {
        for (Throwable t = cause; t != null; t = next(t)) {
            if (t instanceof SMTPAddressFailedException refused) {
                return refused.getReturnCode() >= FIRST_FINAL_REPLY;
            }
            if (t instanceof SMTPSendFailedException refused) {
                return refused.getReturnCode() >= FIRST_FINAL_REPLY;
            }
        }
        return false;
    }

    private String reason(Throwable cause) {
        for (Throwable t = cause; t != null; t = next(t)) {
            if (t instanceof SMTPAddressFailedException || t instanceof SMTPSendFailedException) {
                return "The mail server refused it: "
                        + String.valueOf(t.getMessage()).strip();
            }
            if (t instanceof SendFailedException refused && refused.getInvalidAddresses() != null) {
                Address[] wrong = refused.getInvalidAddresses();
                if (wrong.length > 0 && next(t) == null) {
                    return "The mail server does not take " + wrong[0] + ".";
                }
            }
        }
        return "The mail server at " + account.host() + ":" + account.port() + " cannot be reached.";
    }

    /** Jakarta Mail chains what went wrong in a way of its own. */
    private static @Nullable Throwable next(Throwable t) {
        if (t instanceof MessagingException chained && chained.getNextException() != null) {
            return chained.getNextException();
        }
        return t.getCause();
    }
}
