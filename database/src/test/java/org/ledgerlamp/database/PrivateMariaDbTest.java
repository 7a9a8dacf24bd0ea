package org.ledgerlamp.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PrivateMariaDbTest {
    @TempDir
    Path folder;

    @Test
    void listens_on_loopback_keeps_its_data_and_is_gone_after_close() throws Exception {
        int port;
        try (PrivateMariaDb database = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            port = portOf(database);
            new Socket(InetAddress.getLoopbackAddress(), port).close();
            assertThat(folder.resolve("data/lamp")).isDirectory();
        }
        assertThat(folder.resolve("pid")).doesNotExist();
        try (PrivateMariaDb again = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            assertThat(Files.readString(again.logFile())).contains("ready for connections");
        }
    }

    @Test
    void takes_another_port_where_the_usual_one_is_taken() throws Exception {
        try (ServerSocket taken = occupyUsualPort();
                PrivateMariaDb database = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            assertThat(taken.isBound()).isTrue();
            assertThat(portOf(database)).isNotEqualTo(33077);
        }
    }

    @Test
    void takes_over_from_a_server_whose_owner_was_killed() {
        PrivateMariaDb abandoned = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST);
        try (PrivateMariaDb next = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            assertThat(next.jdbcUrl()).startsWith("jdbc:mariadb://127.0.0.1:");
        } finally {
            abandoned.close();
        }
    }

    private static int portOf(PrivateMariaDb database) {
        return Integer.parseInt(database.jdbcUrl().replaceAll(".*:(\\d+)/.*", "$1"));
    }

    /** Somebody else may hold it already, which serves as well. */
    private static ServerSocket occupyUsualPort() throws Exception {
        try {
            return new ServerSocket(33077, 1, InetAddress.getLoopbackAddress());
        } catch (java.net.BindException alreadyTaken) {
            return new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        }
    }
}
