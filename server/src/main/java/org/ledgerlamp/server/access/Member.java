package org.ledgerlamp.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.Locale;
import java.util.UUID;
import org.ledgerlamp.server.common.TeamOwned;

/** Somebody who may sign in. */
@Entity
class Member extends TeamOwned {
    private String name;
    private String email;

    @Column(name = "password_hash")
    private String passwordHash;

    protected Member() {}

    Member(UUID teamId, String name, String email, String passwordHash) {
        super(teamId);
        this.name = name;
        this.email = normal(email);
        this.passwordHash = passwordHash;
    }

    /** Addresses are told apart without regard to case. */
    static String normal(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    String name() {
        return name;
    }

    String email() {
        return email;
    }

    String passwordHash() {
        return passwordHash;
    }
}
