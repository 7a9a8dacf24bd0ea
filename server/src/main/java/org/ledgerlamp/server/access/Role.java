package org.ledgerlamp.server.access;

import java.util.List;
import java.util.Locale;

/** What a member of a team may do. */
public enum Role {
    /** Everything, also what concerns the team as a whole: members, servers, deleting. */
    ADMINISTERS("ROLE_ADMINISTRATOR", "ROLE_MEMBER", "ROLE_READER"),
    /** Everything about meetings, minutes and the ledger. */
    TAKES_PART("ROLE_MEMBER", "ROLE_READER"),
    /** Reads, searches and asks, and changes nothing that is the team's. */
    LOOKS_ON("ROLE_READER");

    private final List<String> authorities;

    Role(String... authorities) {
        this.authorities = List.of(authorities);
    }

    List<String> authorities() {
        return authorities;
    }

    /** The role as people call it. */
    public String inWords() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Whether they may change what is the team's. */
    public boolean writes() {
        return this != LOOKS_ON;
    }
}
