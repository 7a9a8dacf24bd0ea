package org.ledgerlamp.server.calendar;

import java.net.URI;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.MemberRemoved;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Secrets;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Connects members to their calendars. */
@Service
public class ConnectionService {
    private final CalendarConnections connections;
    private final CalendarDesk desk;
    private final Secrets secrets;

    ConnectionService(CalendarConnections connections, CalendarDesk desk, Secrets secrets) {
        this.connections = connections;
        this.desk = desk;
        this.secrets = secrets;
    }

    /** Keeps a connection, its secret encrypted, and asks the calendar for the first time. */
    CalendarConnection connect(
            SignedIn who,
            ConnectionKind kind,
            String name,
            URI address,
            @Nullable String username,
            @Nullable String secret) {
        CalendarConnection connection = connections.saveAndFlush(new CalendarConnection(
                who.teamId(),
                who.memberId(),
                kind,
                name,
                address.toString(),
                username,
                secret == null || secret.isEmpty() ? null : secrets.hidden(secret)));
        desk.ask(connection.id());
        return connection;
    }

    /** Connects a member to a CalDAV collection. */
    public void connectCalDav(
            SignedIn who, String name, URI address, @Nullable String username, @Nullable String secret) {
        connect(who, ConnectionKind.CALDAV, name, address, username, secret);
    }

    /** Calendars of whoever is no member any more are asked no longer; what came from them stays. */
    @EventListener
    void ended(MemberRemoved removed) {
        connections.deleteAll(connections.findByTeamIdAndMemberIdAndKindNotOrderByName(
                removed.teamId(), removed.memberId(), ConnectionKind.DROPPED));
    }
}
