package org.ledgerlamp.server.calendar;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.WebAddress;
import org.ledgerlamp.server.outgoing.NetworkService;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A member's own calendars over HTTP. No secret ever comes back. */
@RestController
class ConnectionController {
    private static final int MOST = 20;

    private final CalendarConnections connections;
    private final CalendarDesk desk;
    private final ConnectionService service;
    private final NetworkService networks;

    ConnectionController(
            CalendarConnections connections, CalendarDesk desk, ConnectionService service, NetworkService networks) {
        this.connections = connections;
        this.desk = desk;
        this.service = service;
        this.networks = networks;
    }

    record ConnectionFacts(
            @NotNull ConnectionKind kind,
            @NotBlank @Size(max = 120) String name,
            @NotBlank @Size(max = 1000) String address,
            @Nullable @Size(max = 254) String username,
            @Nullable @Size(max = 500) String secret) {}

    record LookedFor(
            @NotBlank @Size(max = 1000) String address,
            @Nullable @Size(max = 254) String username,
            @Nullable @Size(max = 500) String secret) {}

    record OfferedCalendar(String name, String address) {}

    /**
     * A connection as the browser gets it.
     *
     * @param asking whether it is being asked just now
     */
    record ConnectionView(
            UUID id,
            ConnectionKind kind,
            String name,
            String address,
            @Nullable String username,
            boolean asking,
            @Nullable Instant triedAt,
            @Nullable Instant reachedAt,
            @Nullable String problem) {}

    @GetMapping("/api/connections")
    List<ConnectionView> all(@AuthenticationPrincipal SignedIn who) {
        Set<UUID> asking = desk.asking();
        return connections
                .findByTeamIdAndMemberIdAndKindNotOrderByName(who.teamId(), who.memberId(), ConnectionKind.DROPPED)
                .stream()
                .map(c -> view(c, asking))
                .toList();
    }

    /** The calendars that a server offers to whoever signs in with these. */
    @PostMapping("/api/connections/offered")
    List<OfferedCalendar> offered(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody LookedFor where) {
        try {
            return desk
                    .server(who.teamId(), checked(where.address()), emptyToNull(where.username()), where.secret())
                    .calendars()
                    .stream()
                    .map(o -> new OfferedCalendar(o.name(), o.address().toString()))
                    .toList();
        } catch (CalendarUnreachable e) {
            throw Refusal.invalid(e.getMessage()).because(e);
        }
    }

    @PostMapping("/api/connections")
    ConnectionView add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ConnectionFacts facts) {
        if (facts.kind() == ConnectionKind.DROPPED) {
            throw Refusal.invalid("That is no kind of calendar to connect.");
        }
        boolean full = connections
                        .findByTeamIdAndMemberIdAndKindNotOrderByName(
                                who.teamId(), who.memberId(), ConnectionKind.DROPPED)
                        .size()
                >= MOST;
        if (full) {
            throw Refusal.conflict("A member may have " + MOST + " calendars.");
        }
        URI address = checked(facts.address());
        networks.refuseForbidden(who.teamId(), address);
        CalendarConnection connection = service.connect(
                who, facts.kind(), facts.name().strip(), address, emptyToNull(facts.username()), facts.secret());
        return view(connection, desk.asking());
    }

    /** Asks a calendar now instead of in a few minutes. */
    @PostMapping("/api/connections/{id}/ask")
    ConnectionView ask(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        CalendarConnection connection = own(who, id);
        desk.ask(connection.id());
        return view(connection, desk.asking());
    }

    /** Takes a calendar away; the meetings that came from it stay. */
    @DeleteMapping("/api/connections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        connections.delete(own(who, id));
    }

    private CalendarConnection own(SignedIn who, UUID id) {
        return connections
                .findByIdAndTeamIdAndMemberId(id, who.teamId(), who.memberId())
                .orElseThrow(() -> Refusal.notFound("calendar"));
    }

    private static ConnectionView view(CalendarConnection c, Set<UUID> asking) {
        return new ConnectionView(
                c.id(),
                c.kind(),
                c.name(),
                c.address().toString(),
                c.username(),
                asking.contains(c.id()),
                c.triedAt(),
                c.reachedAt(),
                c.problem());
    }

    private static @Nullable String emptyToNull(@Nullable String text) {
        return text == null || text.isBlank() ? null : text;
    }

    private static URI checked(String address) {
        return WebAddress.of(address.strip().replaceFirst("^webcal://", "https://"), "a calendar");
    }
}
