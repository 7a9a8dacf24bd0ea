package org.ledgerlamp.server.access;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.Refusal;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Keeps passwords as slow hashes, and refuses those that are easily guessed. bcrypt looks at 72 bytes; what is longer is
 * digested first, and its hash says so.
 */
@Component
class Passwords implements PasswordEncoder {
    /** Shortest and longest password, in characters. */
    static final int SHORTEST = 10;

    static final int LONGEST = 500;

    private static final int BCRYPT_BYTES = 72;
    private static final int COST = 12;
    private static final String DIGESTED = "{sha256}";
    /** Of 0 to 4: 3 takes more than a hundred million guesses. */
    private static final int LEAST_STRENGTH = 3;
    /** The estimate takes longer the longer the password is, and a long beginning tells enough. */
    private static final int ESTIMATED = 100;

    private final BCryptPasswordEncoder bcrypt = new BCryptPasswordEncoder(COST);
    private final Zxcvbn estimate = new Zxcvbn();

    @Override
    public String encode(CharSequence password) {
        return isLong(password) ? DIGESTED + bcrypt.encode(digest(password)) : bcrypt.encode(password);
    }

    @Override
    public boolean matches(CharSequence password, String kept) {
        if (kept.startsWith(DIGESTED)) {
            return isLong(password) && bcrypt.matches(digest(password), kept.substring(DIGESTED.length()));
        }
        return !isLong(password) && bcrypt.matches(password, kept);
    }

    private static boolean isLong(CharSequence password) {
        return password.toString().getBytes(StandardCharsets.UTF_8).length > BCRYPT_BYTES;
    }

    private static String digest(CharSequence password) {
        return Digests.sha256(password.toString().getBytes(StandardCharsets.UTF_8));
    }

    /**
     * The hash of a password that somebody chose.
     *
     * @param known words that a stranger would try first: names, addresses
     * @throws Refusal where it is too short, too long or easily guessed
     */
    String chosen(String password, List<String> known) {
        int length = password.codePointCount(0, password.length());
        if (length < SHORTEST || length > LONGEST) {
            throw Refusal.invalid("A password has " + SHORTEST + " to " + LONGEST + " characters.");
        }
        String beginning = password.substring(0, Math.min(ESTIMATED, password.length()));
        if (estimate.measure(beginning, known).getScore() < LEAST_STRENGTH) {
            throw Refusal.invalid(
                    "That password is easily guessed. A few words that do not belong together make a good one.");
        }
        return encode(password);
    }
}
