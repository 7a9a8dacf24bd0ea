package org.ledgerlamp.database;

import java.net.InetAddress;
import java.net.Socket;
import java.nio.file.Path;
import org.mariadb.jdbc.Configuration;
import org.mariadb.jdbc.util.ConfigurableSocketFactory;

/**
 * Lets the JDBC driver reach the database by a socket in its folder instead of a port that everybody on the machine could
 * knock at. The driver makes it by name and tells it the address it was given.
 */
public final class UnixSocketFactory extends ConfigurableSocketFactory {
    /** What says in a JDBC address where the socket is. */
    static final String WHERE = "unixSocket";

    private Path address;

    @Override
    public void setConfiguration(Configuration configuration, String host) {
        address = Path.of(configuration.nonMappedOptions().getProperty(WHERE));
    }

    @Override
    public Socket createSocket() {
        return new UnixSocket(address);
    }

    @Override
    public Socket createSocket(String host, int port) {
        return createSocket();
    }

    @Override
    public Socket createSocket(String host, int port, InetAddress local, int localPort) {
        return createSocket();
    }

    @Override
    public Socket createSocket(InetAddress host, int port) {
        return createSocket();
    }

    @Override
    public Socket createSocket(InetAddress host, int port, InetAddress local, int localPort) {
        return createSocket();
    }
}
