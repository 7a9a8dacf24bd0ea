package org.ledgerlamp.database;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;

/** A port of the loopback address that nobody listens on. */
public final class FreePort {
    private static final int PATIENCE_MS = 200;

    private FreePort() {}

    /**
     * The usual port, or any free one where somebody listens on it already.
     *
     * @param usual 1 to 65535
     * @throws IOException where the machine has no free port at all
     */
    public static int orUsual(int usual) throws IOException {
        return isFree(usual) ? usual : any();
    }

    private static boolean isFree(int port) {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE_MS);
            return false;
        } catch (IOException nobodyListens) {
            return true;
        }
    }

    /**
     * Any free port.
     *
     * @throws IOException where the machine has none
     */
    public static int any() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }
}
