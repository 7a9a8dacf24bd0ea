package org.ledgerlamp.server.common;

import java.net.URI;
import java.util.Set;

/** Addresses of other servers, as members type them. */
public final class WebAddress {
    private WebAddress() {}

    /**
     * An address that begins with http:// or https://.
     *
     * @param of what it is the address of, such as "a calendar"
     * @throws Refusal where it is none
     */
    public static URI of(String typed, String of) {
        try {
            URI uri = URI.create(typed.strip());
            if (uri.getHost() != null && Set.of("http", "https").contains(String.valueOf(uri.getScheme()))) {
                return uri;
            }
        } catch (IllegalArgumentException e) {
            throw Refusal.invalid("\"" + typed + "\" is no address.").because(e);
        }
        throw Refusal.invalid("\"" + typed + "\" is no address of " + of + ": one begins with http:// or https://.");
    }
}
