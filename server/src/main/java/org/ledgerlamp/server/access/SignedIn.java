package org.ledgerlamp.server.access;

import java.util.Collection;
import java.util.UUID;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.userdetails.UserDetails;

/** The member on whose behalf a request runs; kept in the session, without the password's hash. */
public final class SignedIn implements UserDetails, CredentialsContainer {
    private static final long serialVersionUID = 2L;

    private final UUID memberId;
    private final UUID teamId;
    private final String name;
    private final String email;
    private final boolean guest;
    private final Role role;
    private final int credentials;
    private String passwordHash;

    SignedIn(Member member) {
        this.memberId = member.id();
        this.teamId = member.teamId();
        this.name = member.name();
        this.email = member.email();
        this.guest = member.isGuest();
        this.role = member.role();
        this.credentials = member.credentials();
        this.passwordHash = member.passwordHash();
    }

    public UUID memberId() {
        return memberId;
    }

    /** The team whose rows this member may see and change; a guest sees of it only what they were let into. */
    public UUID teamId() {
        return teamId;
    }

    public String name() {
        return name;
    }

    public String email() {
        return email;
    }

    /** Whether they are no member of the team and see only what they were let into. */
    public boolean isGuest() {
        return guest;
    }

    /** What they may do; of no meaning for a guest. */
    public Role role() {
        return role;
    }

    /** Whether this was made of the member as they stand now, so that nothing ended it since. */
    boolean isStillGood(SignedIn now) {
        return credentials == now.credentials && guest == now.guest;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return guest
                ? AuthorityUtils.createAuthorityList("ROLE_GUEST")
                : AuthorityUtils.createAuthorityList(role.authorities());
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return email;
    }

    @Override
    public void eraseCredentials() {
        passwordHash = null;
    }
}
