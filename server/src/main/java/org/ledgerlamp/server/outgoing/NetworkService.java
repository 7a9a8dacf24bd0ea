package org.ledgerlamp.server.outgoing;

import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.ledgerlamp.server.common.Refusal;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Knows to which networks a team's connections may go: the internet, and what is listed of our own. */
@Service
@Transactional
public class NetworkService {
    private static final Logger LOG = LoggerFactory.getLogger(NetworkService.class);
    private static final int MOST = 50;

    private final AllowedNetworks networks;
    /** What whoever started the server allows to all of its teams. */
    private final List<Network> everywhere;

    NetworkService(AllowedNetworks networks, @Value("${lamp.networks:}") List<String> everywhere) {
        this.networks = networks;
        this.everywhere = everywhere.stream().map(Network::of).toList();
    }

    @Transactional(readOnly = true)
    List<AllowedNetwork> of(UUID teamId) {
        return networks.findByTeamIdOrderByNetwork(teamId);
    }

    /**
     * Allows a network.
     *
     * @param written as {@code 10.20.0.0/16}, or a single address
     * @throws Refusal where it is none, or one that is never allowed
     */
    public void allow(UUID teamId, String written) {
        Network network = network(written);
        List<AllowedNetwork> listed = of(teamId);
        if (Reach.of(network.first()) == Reach.NEVER) {
            throw Refusal.invalid("Nothing is ever connected to at " + network + ".");
        }
        if (listed.size() >= MOST) {
            throw Refusal.conflict("A team may list " + MOST + " networks.");
        }
        if (listed.stream().noneMatch(n -> n.network().equals(network))) {
            networks.save(new AllowedNetwork(teamId, network));
        }
    }

    private static Network network(String written) {
        try {
            return Network.of(written);
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid(e.getMessage()).because(e);
        }
    }

    /** Closes a network again; the answer is what it was. */
    String remove(UUID teamId, UUID id) {
        AllowedNetwork listed = networks.findByIdAndTeamId(id, teamId).orElseThrow(() -> Refusal.notFound("network"));
        networks.delete(listed);
        return listed.network().toString();
    }

    /**
     * Finds the addresses of a host, all of which the team may connect to.
     *
     * @throws ForbiddenAddress where it may not connect to one of them
     * @throws UnknownHostException where there is no such host
     */
    @Transactional(readOnly = true)
    void check(UUID teamId, String host) throws ForbiddenAddress, UnknownHostException {
        // A literal address of IPv6 stands in brackets.
        for (InetAddress address : InetAddress.getAllByName(host.replaceAll("[\\[\\]]", ""))) {
            boolean allowed =
                    switch (Reach.of(address)) {
                        case PUBLIC -> true;
                        case INSIDE -> isListed(teamId, address);
                        case NEVER -> false;
                    };
            if (!allowed) {
                throw new ForbiddenAddress(host);
            }
        }
    }

    /**
     * Refuses an address that the team may not connect to. One whose host is not known now is no worry yet: it is looked at
     * again at every connection.
     */
    @Transactional(readOnly = true)
    public void refuseForbidden(UUID teamId, URI address) {
        try {
            check(teamId, address.getHost());
        } catch (ForbiddenAddress e) {
            throw Refusal.invalid(e.getMessage()).because(e);
        } catch (UnknownHostException notNow) {
            LOG.debug("{} is not known", address.getHost(), notNow);
        }
    }

    private boolean isListed(UUID teamId, InetAddress address) {
        return Stream.concat(everywhere.stream(), of(teamId).stream().map(AllowedNetwork::network))
                .anyMatch(n -> n.contains(address));
    }
}
