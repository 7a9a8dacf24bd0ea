package org.ledgerlamp.server.post;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Objects;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.Versioned;

/** The mail server through which a team's letters go. */
@Entity
@Table(name = "mail_account")
class MailAccount extends Versioned {
    private String host;
    private int port;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Safety safety;

    private String username;

    /** Encrypted. */
    private byte[] secret;

    private String sender;

    @jakarta.persistence.Column(name = "sender_name")
    private String senderName;

    protected MailAccount() {}

    MailAccount(UUID teamId) {
        super(teamId);
    }

    /**
     * @param secret encrypted; null keeps the one there is, as long as it goes to the same listener under the same name and
     *     no less safely
     */
    void change(MailAccountFacts facts, byte @Nullable [] secret) {
        boolean same = facts.host().equalsIgnoreCase(host)
                && facts.port() == port
                && facts.safety() == safety
                && Objects.equals(facts.username(), username);
        this.secret = secret != null ? secret : same ? this.secret : null;
        host = facts.host();
        port = facts.port();
        safety = facts.safety();
        username = facts.username();
        sender = facts.sender();
        senderName = facts.senderName();
    }

    String host() {
        return host;
    }

    int port() {
        return port;
    }

    Safety safety() {
        return safety;
    }

    /** Who signs in, or null. */
    @Nullable
    String username() {
        return username;
    }

    byte @Nullable [] secret() {
        return secret;
    }

    /** Address that letters come from. */
    String sender() {
        return sender;
    }

    String senderName() {
        return senderName;
    }
}
