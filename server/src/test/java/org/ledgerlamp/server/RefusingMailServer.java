package org.ledgerlamp.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;

/** A mail server that takes no recipient, and says why with the reply it was given. */
final class RefusingMailServer implements AutoCloseable {
    private final ServerSocket socket = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
    private final String reply;

    /** @param reply to every recipient, such as "550 5.1.1 no such person" */
    RefusingMailServer(String reply) throws IOException {
        this.reply = reply;
        Thread.ofPlatform().daemon().start(this::serve);
    }

    int port() {
        return socket.getLocalPort();
    }

    private void serve() {
        while (!socket.isClosed()) {
            try (Socket caller = socket.accept()) {
                talk(caller);
            } catch (IOException closed) {
                return; // the test is over
            }
        }
    }

    private void talk(Socket caller) throws IOException {
        BufferedReader in =
                new BufferedReader(new InputStreamReader(caller.getInputStream(), StandardCharsets.US_ASCII));
        PrintStream out = new PrintStream(caller.getOutputStream(), true, StandardCharsets.US_ASCII);
        out.print("220 ready\r\n");
        for (String line = in.readLine(); line != null && !line.startsWith("QUIT"); line = in.readLine()) {
            out.print((line.startsWith("RCPT") ? reply : "250 ok") + "\r\n");
        }
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
