package org.ledgerlamp.server.outgoing;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A range of addresses, written as in RFC 4632: {@code 10.20.0.0/16}, {@code fd00::/8}.
 *
 * @param first the lowest address of it
 * @param length how many leading bits all its addresses share, 0 to 32 or 128
 */
record Network(InetAddress first, int length) {
    private static final Pattern WRITTEN =
            Pattern.compile("((?:\\d{1,3}\\.){3}\\d{1,3}|[0-9a-fA-F]*:[0-9a-fA-F:.]*)(?:/(\\d{1,3}))?");

    /**
     * Reads a range, or a single address.
     *
     * @throws IllegalArgumentException where it is neither, or bits below the length are set
     */
    static Network of(String written) {
        Matcher m = WRITTEN.matcher(written.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + written + "\" is no network; one is written 10.20.0.0/16.");
        }
        InetAddress first = literal(m.group(1));
        int bits = first.getAddress().length * Byte.SIZE;
        int length = m.group(2) == null ? bits : Integer.parseInt(m.group(2));
        if (length > bits) {
            throw new IllegalArgumentException("A network of these addresses has at most " + bits + " bits.");
        }
        Network network = new Network(first, length);
        if (!Arrays.equals(network.masked(first.getAddress()), first.getAddress())) {
            throw new IllegalArgumentException(first.getHostAddress() + " is in the middle of a network of " + length
                    + " bits, not its beginning.");
        }
        return network;
    }

    private static InetAddress literal(String address) {
        try {
            return InetAddress.getByName(address);
        } catch (UnknownHostException e) {
            throw new IllegalArgumentException("\"" + address + "\" is no address.", e);
        }
    }

    boolean contains(InetAddress address) {
        byte[] bytes = address.getAddress();
        return bytes.length == first.getAddress().length && Arrays.equals(masked(bytes), first.getAddress());
    }

    private byte[] masked(byte[] bytes) {
        byte[] masked = bytes.clone();
        for (int i = 0; i < masked.length; i++) {
            int kept = Math.clamp(length - (long) i * Byte.SIZE, 0, Byte.SIZE);
            masked[i] &= (byte) (0xFF << (Byte.SIZE - kept));
        }
        return masked;
    }

    @Override
    public String toString() {
        return first.getHostAddress() + "/" + length;
    }
}
