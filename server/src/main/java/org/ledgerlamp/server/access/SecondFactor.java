package org.ledgerlamp.server.access;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.ledgerlamp.server.common.Keys;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.server.common.TypedCode;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes from an authenticator (RFC 6238: six digits, every half minute another) beside the password, for members who want
 * that; and recovery codes for when it is lost. A code opens once.
 */
@Service
@Transactional
public class SecondFactor {
    private static final int RECOVERY_CODES = 10;
    private static final int RECOVERY_LETTERS = 10;
    private static final int SECRET_BYTES = 20;
    private static final String HASH = "HmacSHA1";
    private static final String ISSUER = "Ledger Lamp";
    /** A clock may go wrong by so many half minutes. */
    private static final int LEEWAY = 1;

    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
    private final SecureRandom random = new SecureRandom();
    private final JdbcTemplate database;
    private final Secrets secrets;
    private final Clock clock;

    SecondFactor(JdbcTemplate database, Secrets secrets, Clock clock) {
        this.database = database;
        this.secrets = secrets;
        this.clock = clock;
    }

    /**
     * What an authenticator is told.
     *
     * @param secret to be typed, in base 32
     * @param address the same as an address, to be shown as a picture
     */
    record Told(String secret, String address) {}

    /** Whether a member signs in with a code. */
    @Transactional(readOnly = true)
    public boolean isOn(UUID member) {
        return !database.queryForList(
                        "select 1 from second_factor where member_id = ? and confirmed_at is not null",
                        Integer.class,
                        member)
                .isEmpty();
    }

    /** Which members of a team do. */
    @Transactional(readOnly = true)
    Set<UUID> of(UUID team) {
        return Set.copyOf(database.queryForList(
                "select f.member_id from second_factor f join member m on m.id = f.member_id"
                        + " where m.team_id = ? and f.confirmed_at is not null",
                UUID.class,
                team));
    }

    /** How many recovery codes are left. */
    @Transactional(readOnly = true)
    int recoveryCodesLeft(UUID member) {
        Integer left = database.queryForObject(
                "select count(*) from recovery_code where member_id = ?", Integer.class, member);
        return left == null ? 0 : left;
    }

    private Optional<byte[]> secret(UUID member, boolean confirmed) {
        return database
                .queryForList(
                        "select secret from second_factor where member_id = ? and (confirmed_at is not null) = ?",
                        byte[].class,
                        member,
                        confirmed)
                .stream()
                .findFirst()
                .map(hidden -> new Base32().decode(secrets.told(hidden)));
    }

    /**
     * Makes a secret; it counts once a code of it was typed.
     *
     * @throws Refusal where one counts already
     */
    Told begin(SignedIn who) {
        if (isOn(who.memberId())) {
            throw Refusal.conflict(
                    "You sign in with a code already. Turn that off first to use another authenticator.");
        }
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        String typed = new Base32().encodeToString(secret);
        database.update(
                "replace into second_factor (member_id, secret, confirmed_at, last_step) values (?, ?, null, 0)",
                who.memberId(),
                secrets.hidden(typed));
        String issuer = encoded(ISSUER);
        return new Told(
                typed,
                "otpauth://totp/" + issuer + ":" + encoded(who.email()) + "?secret=" + typed + "&issuer=" + issuer);
    }

    private static String encoded(String words) {
        return URLEncoder.encode(words, StandardCharsets.UTF_8).replace("+", "%20");
    }

    /**
     * From now on the member signs in with a code.
     *
     * @param code one that the authenticator shows, to see that it was told right
     * @return recovery codes, told this once
     * @throws Refusal where the code is wrong
     */
    List<String> turnOn(UUID member, String code) {
        byte[] secret = secret(member, false).orElseThrow(() -> Refusal.conflict("Begin with a new secret."));
        if (!isOfAuthenticator(member, secret, code)) {
            throw Refusal.invalid("That is not the code. Is the clock of your authenticator right?");
        }
        database.update(
                "update second_factor set confirmed_at = ? where member_id = ?",
                Timestamp.from(clock.instant()),
                member);
        return recoveryCodes(member);
    }

    /** New recovery codes; those before open nothing any more. */
    private List<String> recoveryCodes(UUID member) {
        database.update("delete from recovery_code where member_id = ?", member);
        List<String> fresh = new ArrayList<>();
        for (int i = 0; i < RECOVERY_CODES; i++) {
            String code = TypedCode.made(RECOVERY_LETTERS, RECOVERY_LETTERS / 2);
            fresh.add(code);
            database.update("insert into recovery_code (member_id, digest) values (?, ?)", member, digest(code));
        }
        return fresh;
    }

    private static String digest(String recoveryCode) {
        return Keys.digest(TypedCode.plain(recoveryCode));
    }

    /** Whether a code opens: one that the authenticator shows about now, or a recovery code. It does so no second time. */
    public boolean opens(UUID member, String code) {
        return secret(member, true)
                        .filter(s -> isOfAuthenticator(member, s, code))
                        .isPresent()
                || database.update("delete from recovery_code where member_id = ? and digest = ?", member, digest(code))
                        > 0;
    }

    private boolean isOfAuthenticator(UUID member, byte[] secret, String code) {
        String digits = code.replaceAll("\\s", "");
        long step = clock.instant().getEpochSecond() / codes.getTimeStep().toSeconds();
        for (long at = step - LEEWAY; at <= step + LEEWAY; at++) {
            if (shown(secret, at).equals(digits)) {
                // Whoever looked over a shoulder comes too late.
                return database.update(
                                "update second_factor set last_step = ? where member_id = ? and last_step < ?",
                                at,
                                member,
                                at)
                        > 0;
            }
        }
        return false;
    }

    private String shown(byte[] secret, long step) {
        try {
            return codes.generateOneTimePasswordString(
                    new SecretKeySpec(secret, HASH),
                    Instant.ofEpochSecond(step * codes.getTimeStep().toSeconds()));
        } catch (InvalidKeyException e) {
            throw new IllegalStateException("a secret of our own is no key", e);
        }
    }

    /** From now on the password alone opens. */
    public void turnOff(UUID member) {
        database.update("delete from recovery_code where member_id = ?", member);
        database.update("delete from second_factor where member_id = ?", member);
    }
}
