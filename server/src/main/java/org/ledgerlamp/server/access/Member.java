package org.ledgerlamp.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.Locale;
import java.util.UUID;
import org.ledgerlamp.server.common.TeamOwned;

/** Somebody who may sign in. */
@Entity
class Member extends TeamOwned {
    /** What no password is hashed to. */
    private static final String NO_PASSWORD = "";

    private String name;
    private String email;

    @Column(name = "password_hash")
    private String passwordHash;

    private boolean guest;

    protected Member() {}

    /** Somebody who is let into single things of a team, and cannot sign in before choosing a password. */
    static Member guest(UUID teamId, String name, String email) {
        Member guest = new Member(teamId, name, email, NO_PASSWORD);
        guest.guest = true;
        return guest;
    }

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

    void choosePassword(String hash) {
        passwordHash = hash;
    }

    boolean hasPassword() {
        return !passwordHash.equals(NO_PASSWORD);
    }

    /** Whether they see of the team only what they were let into. */
    boolean isGuest() {
        return guest;
    }
}
