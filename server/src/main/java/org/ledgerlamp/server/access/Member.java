package org.ledgerlamp.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
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

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Role role = Role.TAKES_PART;

    @Column(name = "removed_at")
    private Instant removedAt;

    private int credentials;

    protected Member() {}

    /** Somebody who is let into single things of a team, and cannot sign in before choosing a password. */
    static Member guest(UUID teamId, String name, String email) {
        Member guest = new Member(teamId, name, email, NO_PASSWORD);
        guest.guest = true;
        return guest;
    }

    /** Somebody who is to take part, and cannot sign in before choosing a password. */
    static Member invited(UUID teamId, String name, String email, Role role) {
        Member invited = new Member(teamId, name, email, NO_PASSWORD);
        invited.role = role;
        return invited;
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

    /** Gives them a password; whoever signed in with another is signed out. */
    void choosePassword(String hash) {
        passwordHash = hash;
        endSessions();
    }

    /** Ends what began before: sessions compare this number with the one of their beginning. */
    void endSessions() {
        credentials++;
    }

    int credentials() {
        return credentials;
    }

    /** Takes them out of the team. What they did keeps their name. */
    void remove(Instant now) {
        removedAt = now;
        passwordHash = NO_PASSWORD;
        endSessions();
    }

    /** Lets somebody in who was removed before, or was not let in yet: as a guest, or with a role. */
    void comeIn(String as, boolean asGuest, Role with) {
        name = as;
        removedAt = null;
        guest = asGuest;
        role = with;
        endSessions();
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    Role role() {
        return role;
    }

    void take(Role next) {
        role = next;
    }

    boolean hasPassword() {
        return !passwordHash.equals(NO_PASSWORD);
    }

    /** Whether they see of the team only what they were let into. */
    boolean isGuest() {
        return guest;
    }
}
