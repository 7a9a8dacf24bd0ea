package org.ledgerlamp.server.post;

import org.ledgerlamp.core.exchange.Letter;

/**
 * An address in a letter that stands for its recipient and so is for nobody else's eyes: until the letter goes out it lies
 * encrypted beside it, and everywhere else words stand in its place.
 */
public final class PrivateAddress {
    /** What is written where the address is to stand; no real address is like it (RFC 2606). */
    public static final String HERE = "https://private.invalid/for-the-recipient-alone";

    private static final String SHOWN = "(an address that stands in the letter alone)";

    private PrivateAddress() {}

    /** The letter as it goes out. */
    static Letter told(Letter letter, String address) {
        return new Letter(
                letter.subject(),
                letter.text().replace(HERE, address),
                letter.html().replace(HERE, address));
    }

    /** The words of a letter as others may read them. */
    static String shown(String words) {
        return words.replace(HERE, SHOWN);
    }
}
