package org.ledgerlamp.server.outgoing;

import java.net.InetAddress;
import java.util.List;

/** How far away an address is, and so who decides whether it may be connected to. */
enum Reach {
    /** Somewhere on the internet: everybody may. */
    PUBLIC,
    /** This machine, or a network behind the same wall (RFC 1918, RFC 4193, RFC 6598): where an administrator lists it. */
    INSIDE,
    /** What answers without being asked for by name: link-local (RFC 3927, RFC 4291), multicast, none at all. */
    NEVER;

    private static final List<Network> INSIDE_TOO = List.of(
            Network.of("100.64.0.0/10"),
            Network.of("192.0.0.0/24"),
            Network.of("198.18.0.0/15"),
            Network.of("fc00::/7"),
            Network.of("64:ff9b::/96"),
            Network.of("2002::/16"));
    private static final List<Network> NEVER_TOO = List.of(Network.of("0.0.0.0/8"), Network.of("240.0.0.0/4"));

    static Reach of(InetAddress address) {
        if (address.isAnyLocalAddress()
                || address.isLinkLocalAddress()
                || address.isMulticastAddress()
                || NEVER_TOO.stream().anyMatch(n -> n.contains(address))) {
            return NEVER;
        }
        boolean inside = address.isLoopbackAddress()
                || address.isSiteLocalAddress()
                || INSIDE_TOO.stream().anyMatch(n -> n.contains(address));
        return inside ? INSIDE : PUBLIC;
    }
}
