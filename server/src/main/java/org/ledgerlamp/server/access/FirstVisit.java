package org.ledgerlamp.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Optional;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.TypedCode;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The very first visit, on which the team and its first member are made. Whoever starts the server is told a code; nobody
 * who merely comes first gets in. The code is another one at every start.
 */
@Service
public class FirstVisit {
    private static final int LENGTH = 12;
    private static final int GROUP = 4;

    private final AccessService access;
    private final JdbcTemplate database;
    private final String code;

    /** @param given the code, where whoever starts the server gives one; else one is made */
    FirstVisit(AccessService access, JdbcTemplate database, @Value("${lamp.first-visit-code:}") String given) {
        this.access = access;
        this.database = database;
        this.code = given.isBlank() ? TypedCode.made(LENGTH, GROUP) : given;
    }

    /** The code, for whoever starts the server; empty where the first visit is over. */
    public Optional<String> code() {
        return isOver() ? Optional.empty() : Optional.of(code);
    }

    boolean isOver() {
        return !access.isEmpty();
    }

    /**
     * Makes the team and its first member. Of several visits at once one does.
     *
     * @throws Refusal where the code is another, or there is a team already
     */
    @Transactional
    void begin(String typed, String team, String name, String email, String password) {
        if (isOver()) {
            throw over();
        }
        if (!MessageDigest.isEqual(bytes(code), bytes(typed))) {
            throw Refusal.invalid("That is not the code that was printed when the application started.");
        }
        try {
            database.update("insert into first_visit (id) values (1)");
        } catch (DataIntegrityViolationException e) {
            throw over().because(e);
        }
        access.createMember(access.createTeam(team.strip()), name.strip(), email, password);
    }

    private static Refusal over() {
        return Refusal.conflict("There is a team already: sign in.");
    }

    private static byte[] bytes(String typed) {
        return TypedCode.plain(typed).getBytes(StandardCharsets.UTF_8);
    }
}
