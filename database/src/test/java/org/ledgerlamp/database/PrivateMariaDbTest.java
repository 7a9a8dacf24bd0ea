package org.ledgerlamp.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
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
    void takes_over_from_a_server_whose_owner_was_killed() throws Exception {
        Process owner = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        KilledOwner.class.getName(),
                        folder.toString())
                .inheritIO()
                .start();
        assertThat(owner.waitFor()).isEqualTo(KilledOwner.STATUS);
        ProcessHandle abandoned = ProcessHandle.of(
                        Long.parseLong(Files.readString(folder.resolve("pid")).strip()))
                .orElseThrow();
        assertThat(abandoned.isAlive()).isTrue();

        try (PrivateMariaDb next = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            assertThat(next.jdbcUrl()).startsWith("jdbc:mariadb://127.0.0.1:");
            assertThat(abandoned.isAlive()).isFalse();
        }
    }

    @Test
    void leaves_a_server_alone_that_somebody_is_using() {
        try (PrivateMariaDb first = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            assertThatThrownBy(() -> PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST))
                    .isInstanceOf(DatabaseFailure.class)
                    .hasMessageContaining("another Ledger Lamp is running");
            assertThat(first.logFile()).exists();
        }
    }

    @Test
    void the_password_is_another_one_at_every_start_and_nobody_else_may_enter_the_folder() throws Exception {
        String first;
        try (PrivateMariaDb database = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            first = database.password();
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
                    .isEqualTo("rwx------");
        }
        try (PrivateMariaDb again = PrivateMariaDb.start(folder, PrivateMariaDb.Durability.FAST)) {
            assertThat(again.password()).isNotEqualTo(first);
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
