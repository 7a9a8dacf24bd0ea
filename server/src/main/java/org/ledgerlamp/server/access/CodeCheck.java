package org.ledgerlamp.server.access;

import java.io.Serializable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.stereotype.Component;

/** Looks at the password, and at the code of those who sign in with one. */
@Component
class CodeCheck extends DaoAuthenticationProvider {
    private final SecondFactor factor;

    CodeCheck(AccessService access, Passwords passwords, SecondFactor factor) {
        super(access);
        setPasswordEncoder(passwords);
        this.factor = factor;
    }

    /** What was typed as a code; blank where nothing was. It is not kept with the session. */
    record Typed(String code) implements Serializable {}

    /** The password is right, and a code is wanted, or another one. */
    static final class CodeWanted extends AuthenticationException {
        private static final long serialVersionUID = 1;
        private final boolean wrong;

        CodeWanted(boolean wrong) {
            super("a code is wanted");
            this.wrong = wrong;
        }

        /** Whether one was given that does not open. */
        boolean isWrong() {
            return wrong;
        }
    }

    @Override
    protected void additionalAuthenticationChecks(UserDetails user, UsernamePasswordAuthenticationToken token) {
        super.additionalAuthenticationChecks(user, token);
        SignedIn who = (SignedIn) user;
        if (factor.isOn(who.memberId())) {
            String code = token.getDetails() instanceof Typed typed ? typed.code() : "";
            if (code.isBlank() || !factor.opens(who.memberId(), code)) {
                throw new CodeWanted(!code.isBlank());
            }
        }
    }

    @Override
    protected Authentication createSuccessAuthentication(Object principal, Authentication asked, UserDetails user) {
        UsernamePasswordAuthenticationToken signedIn =
                (UsernamePasswordAuthenticationToken) super.createSuccessAuthentication(principal, asked, user);
        signedIn.setDetails(null);
        return signedIn;
    }
}
