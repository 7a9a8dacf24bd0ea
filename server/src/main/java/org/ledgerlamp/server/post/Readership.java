package org.ledgerlamp.server.post;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.post.Reader.Part;
import org.ledgerlamp.server.post.Reader.Reason;
import org.ledgerlamp.server.roster.RosterPerson;

/** Who is to get minutes: nobody twice, and never whoever sends them. */
final class Readership {
    private final SignedIn sender;
    private final List<RosterPerson> roster;
    private final List<MeetingService.Guest> guests;
    private final Map<String, Reader> readers = new LinkedHashMap<>();

    /** @param guests people invited who are not on the roster */
    Readership(SignedIn sender, List<RosterPerson> roster, List<MeetingService.Guest> guests) {
        this.sender = sender;
        this.roster = roster;
        this.guests = guests;
    }

    /** Those who attended, those who were invited and did not or may not have, and those who are to do something. */
    List<Reader> of(FairCopy copy) {
        copy.attendance().stream().filter(Presence::present).forEach(p -> add(p.name(), Reason.ATTENDED, Part.WHOLE));
        copy.attendance().stream().filter(Presence::absent).forEach(p -> add(p.name(), Reason.ABSENT, Part.CATCH_UP));
        copy.attendance().stream().filter(Presence::unknown).forEach(p -> add(p.name(), Reason.INVITED, Part.WHOLE));
        copy.lines().stream()
                .map(CopyLine::owner)
                .filter(Objects::nonNull)
                .distinct()
                .forEach(o -> add(o, Reason.OWNER, Part.OWN));
        return List.copyOf(readers.values());
    }

    /** Everybody on the roster who can be reached. */
    List<Reader> everybody() {
        roster.stream().filter(p -> p.email() != null).forEach(p -> add(p.name(), Reason.GROUP, Part.WHOLE));
        return List.copyOf(readers.values());
    }

    /** Those of these names who can be reached. */
    List<Reader> named(List<String> names) {
        List<Reader> reached = new ArrayList<>();
        names.forEach(n -> add(n, Reason.GROUP, Part.WHOLE));
        readers.values().stream().filter(r -> r.address() != null).forEach(reached::add);
        return reached;
    }

    private void add(String name, Reason reason, Part part) {
        RosterPerson known = roster.stream()
                .filter(p -> p.name().equalsIgnoreCase(name))
                .findFirst()
                .orElse(null);
        String address = known != null ? known.email() : guestsAddress(name);
        boolean isSender =
                name.equalsIgnoreCase(sender.name()) || sender.email().equalsIgnoreCase(address);
        boolean isThere =
                readers.values().stream().anyMatch(r -> address != null && address.equalsIgnoreCase(r.address()));
        if (!isSender && !isThere) {
            readers.putIfAbsent(name.toLowerCase(Locale.ROOT), new Reader(name, address, reason, part));
        }
    }

    private @Nullable String guestsAddress(String name) {
        return guests.stream()
                .filter(g -> g.name().equalsIgnoreCase(name))
                .map(MeetingService.Guest::email)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }
}
