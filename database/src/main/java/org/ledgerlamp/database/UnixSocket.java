package org.ledgerlamp.database;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketAddress;
import java.net.SocketTimeoutException;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.SocketChannel;
import java.nio.file.Path;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/**
 * A socket on this machine's file system, in the shape that older interfaces want. It parks a virtual thread like any other
 * channel. What waits longer than {@link #setSoTimeout} for an answer is closed: the connection is of no use then anyway.
 */
final class UnixSocket extends Socket {
    private static final ScheduledExecutorService WATCH = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("database-timeouts").factory());

    private final Path address;
    private volatile SocketChannel channel;
    private volatile int timeoutMs;
    private volatile boolean late;

    UnixSocket(Path address) {
        this.address = address;
    }

    /** Connects to the socket it was made for, whatever the endpoint. */
    @Override
    public void connect(SocketAddress endpoint, int timeout) throws IOException {
        SocketChannel opened = SocketChannel.open(StandardProtocolFamily.UNIX);
        try {
            opened.connect(UnixDomainSocketAddress.of(address));
        } catch (IOException e) {
            opened.close();
            throw e;
        }
        channel = opened;
    }

    @Override
    public boolean isConnected() {
        return channel != null;
    }

    @Override
    public boolean isClosed() {
        return channel != null && !channel.isOpen();
    }

    @Override
    public InputStream getInputStream() {
        return new InputStream() {
            @Override
            public int read() throws IOException {
                byte[] one = new byte[1];
                return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
            }

            @Override
            public int read(byte[] into, int from, int most) throws IOException {
                return readWithin(ByteBuffer.wrap(into, from, most));
            }
        };
    }

    private int readWithin(ByteBuffer into) throws IOException {
        int patience = timeoutMs;
        if (patience == 0) {
            return channel.read(into);
        }
        Future<?> watch = WATCH.schedule(this::giveUp, patience, TimeUnit.MILLISECONDS);
        try {
            return channel.read(into);
        } catch (IOException e) {
            if (late) {
                SocketTimeoutException timeout = new SocketTimeoutException("no answer within " + patience + " ms");
                timeout.initCause(e);
                throw timeout;
            }
            throw e;
        } finally {
            watch.cancel(false);
        }
    }

    private void giveUp() {
        late = true;
        try {
            channel.close();
        } catch (IOException alreadyBroken) {
            late = true;
        }
    }

    @Override
    public OutputStream getOutputStream() {
        return Channels.newOutputStream(channel);
    }

    @Override
    public void close() throws IOException {
        if (channel != null) {
            channel.close();
        }
    }

    @Override
    public void shutdownOutput() throws IOException {
        channel.shutdownOutput();
    }

    @Override
    public void setSoTimeout(int millis) {
        timeoutMs = millis;
    }

    @Override
    public int getSoTimeout() {
        return timeoutMs;
    }

    @Override
    public InetAddress getInetAddress() {
        return InetAddress.getLoopbackAddress();
    }

    // What follows is of the network alone.

    @Override
    public void setTcpNoDelay(boolean on) {}

    @Override
    public void setKeepAlive(boolean on) {}

    @Override
    public void setSoLinger(boolean on, int seconds) {}

    @Override
    public String toString() {
        return "socket " + address;
    }
}
