package org.ledgerlamp.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.UUID;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Audited;
import org.ledgerlamp.server.common.PlainProblem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Slows down guessing. Tries are counted before they are looked at: those at one account from one network, those from one
 * network at whatever account, and those at one account from everywhere. The last stop nobody where they signed in before,
 * so that a stranger cannot lock a member out.
 */
@Component
class SignInGuard extends OncePerRequestFilter {
    private static final Duration WINDOW = Duration.ofMinutes(5);
    private static final Duration LONG_WINDOW = Duration.ofHours(1);
    private static final int FROM_HERE_AT_ONE = 10;
    private static final int FROM_HERE = 60;
    private static final int FROM_EVERYWHERE_AT_ONE = 100;
    /** Neighbours share so many bytes of an address of the newer kind. */
    private static final int NETWORK_BYTES_OF_IPV6 = 8;

    private final Tries tries;
    private final Members members;
    private final JdbcTemplate database;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final Auditor auditor;

    SignInGuard(
            Tries tries,
            Members members,
            JdbcTemplate database,
            ApplicationEventPublisher events,
            Clock clock,
            Auditor auditor) {
        this.auditor = auditor;
        this.tries = tries;
        this.members = members;
        this.events = events;
        this.database = database;
        this.clock = clock;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !("POST".equals(request.getMethod()) && "/api/session".equals(request.getRequestURI()));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String network = network(request);
        String account = account(request.getParameter("email"));
        boolean tooOften = tries.count(here(account, network), WINDOW) > FROM_HERE_AT_ONE
                        | tries.count(from(network), WINDOW) > FROM_HERE
                        | tries.count(everywhere(account), LONG_WINDOW) > FROM_EVERYWHERE_AT_ONE
                && !isKnown(account, network);
        if (tooOften) {
            PlainProblem.write(
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many attempts",
                    "Too many attempts to sign in. Wait five minutes.");
            return;
        }
        chain.doFilter(request, response);
    }

    /** Somebody signed in: what they tried before was no guessing, and they may sign in from here again. */
    void succeeded(SignedIn who, HttpServletRequest request) {
        String network = network(request);
        String account = account(who.email());
        tries.forget(here(account, network), everywhere(account));
        tries.takeBack(from(network));
        database.update(
                "replace into known_network (member_id, network, last_at) values (?, ?, ?)",
                who.memberId(),
                network,
                Timestamp.from(clock.instant()));
        auditor.note(who, AuditKind.SIGNED_IN, "");
    }

    /** Somebody was refused: whose account it was hears of it, if anybody's. */
    void refused(HttpServletRequest request) {
        members.findByEmail(account(request.getParameter("email")))
                .ifPresent(m ->
                        events.publishEvent(new Audited(m.teamId(), m.id(), m.name(), AuditKind.SIGN_IN_REFUSED, "")));
    }

    private boolean isKnown(String account, String network) {
        return !database.queryForList(
                        "select n.member_id from known_network n join member m on m.id = n.member_id"
                                + " where m.email = ? and n.network = ?",
                        UUID.class,
                        account,
                        network)
                .isEmpty();
    }

    /** The network somebody calls from: the address, or of the longer kind the part that a household shares. */
    static String network(HttpServletRequest request) {
        try {
            byte[] address = InetAddress.getByName(request.getRemoteAddr()).getAddress();
            byte[] part =
                    address.length > 4 ? Arrays.copyOf(Arrays.copyOf(address, NETWORK_BYTES_OF_IPV6), 16) : address;
            return InetAddress.getByAddress(part).getHostAddress();
        } catch (UnknownHostException e) {
            return "unknown";
        }
    }

    private static String account(String email) {
        return email == null ? "" : Member.normal(email);
    }

    private static String here(String account, String network) {
        return "account " + account + " from " + network;
    }

    private static String from(String network) {
        return "network " + network;
    }

    private static String everywhere(String account) {
        return "account " + account;
    }
}
