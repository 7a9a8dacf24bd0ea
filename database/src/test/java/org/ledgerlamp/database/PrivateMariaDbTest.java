package org.ledgerlamp.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ledgerlamp.database.PrivateMariaDb.Durability;

class PrivateMariaDbTest {
    @TempDir
    Path above;

    private Path folder() {
        DataFolder.close(above);
        return above.resolve("mariadb");
    }

    private PrivateMariaDb start() {
        return PrivateMariaDb.start(folder(), Durability.FAST);
    }

    private static Connection connect(PrivateMariaDb database) throws SQLException {
        return DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password());
    }

    private static List<String> asked(PrivateMariaDb database, String query) throws SQLException {
        try (Connection connection = connect(database);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            List<String> all = new ArrayList<>();
            while (rows.next()) {
                all.add(rows.getString(1));
            }
            return all;
        }
    }

    /** What the administrator's client says, or why it was not let in. */
    private String asAdministrator(String statement, String... options) throws IOException, InterruptedException {
        List<String> command =
                new ArrayList<>(List.of(Programs.path("mariadb"), "--no-defaults", "--skip-column-names"));
        command.addAll(List.of(options));
        command.add("--execute=" + statement);
        Process client = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(client.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        client.waitFor();
        return said.strip();
    }

    private long pid() throws IOException {
        return Long.parseLong(Files.readString(folder().resolve("run/pid")).strip());
    }

    @Test
    void keeps_what_was_written_and_is_gone_after_close() throws Exception {
        try (PrivateMariaDb database = start()) {
            try (Connection connection = connect(database);
                    Statement statement = connection.createStatement()) {
                statement.execute("create table kept (word varchar(20))");
                statement.execute("insert into kept values ('quay')");
            }
        }
        assertThat(folder().resolve("run/pid")).doesNotExist();
        try (PrivateMariaDb again = start()) {
            assertThat(asked(again, "select word from kept")).containsExactly("quay");
        }
    }

    @Test
    void listens_on_no_port_of_the_machine() throws Exception {
        try (PrivateMariaDb database = start()) {
            assertThat(asked(database, "select @@skip_networking")).containsExactly("1");
            String sockets = Files.readString(Path.of("/proc", String.valueOf(pid()), "net/tcp"));
            List<String> own = new ArrayList<>();
            try (Stream<Path> handles = Files.list(Path.of("/proc", String.valueOf(pid()), "fd"))) {
                for (Path handle : handles.toList()) {
                    own.add(Files.readSymbolicLink(handle).toString());
                }
            }
            assertThat(sockets.lines().skip(1).map(l -> "socket:[" + l.strip().split("\\s+")[9] + "]"))
                    .doesNotContainAnyElementsOf(own);
        }
    }

    @Test
    void of_accounts_there_are_the_administrator_by_the_socket_and_the_application_on_its_own_schema()
            throws Exception {
        Path folder = folder();
        try (PrivateMariaDb database = start()) {
            String socket = "--socket=" + folder.resolve("run/socket");
            // As folders were that an earlier version made, and as somebody may have left one.
            assertThat(asAdministrator(
                            "create user 'root'@'127.0.0.1'; grant all on *.* to 'root'@'127.0.0.1';"
                                    + " create user ''@'%'; grant all on lamp.* to ''@'%';"
                                    + " alter user 'root'@'localhost' identified via mysql_native_password using ''",
                            "--user=root", socket))
                    .isEmpty();
            assertThat(database.logFile()).exists();
        }
        try (PrivateMariaDb again = start()) {
            assertThat(asAdministrator(
                            "select concat(user, '@', host, ' ', plugin) from mysql.user order by user",
                            "--user=root",
                            "--socket=" + folder.resolve("run/socket")))
                    .isEqualTo("lamp@localhost mysql_native_password\nmariadb.sys@localhost mysql_native_password\n"
                            + "root@localhost unix_socket");
            assertThat(asked(again, "show grants"))
                    .satisfiesExactly(
                            usage -> assertThat(usage).startsWith("GRANT USAGE ON *.* TO `lamp`@`localhost`"),
                            own -> assertThat(own).isEqualTo("GRANT ALL PRIVILEGES ON `lamp`.* TO `lamp`@`localhost`"));
            assertThatThrownBy(() -> asked(again, "select load_file('/etc/passwd') from mysql.user"))
                    .isInstanceOf(SQLException.class);
            assertThatThrownBy(() -> asked(again, "select 1 into outfile '/tmp/lamp-was-here'"))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("denied");
        }
    }

    @Test
    void never_runs_as_the_root_of_the_system() throws Exception {
        try (PrivateMariaDb database = start()) {
            assertThat(database.logFile()).exists();
            assertThat(ProcessHandle.of(pid()).orElseThrow().info().user().orElseThrow())
                    .isNotEqualTo("root");
            assertThat(asked(database, "select @@secure_file_priv"))
                    .singleElement()
                    .asString()
                    .startsWith(folder().toString());
        }
    }

    @Test
    void says_where_it_cannot_get_to_when_a_folder_above_is_closed_to_its_account() throws Exception {
        assumeTrue("root".equals(System.getProperty("user.name")), "there is another account for root alone");
        Files.setPosixFilePermissions(above, PosixFilePermissions.fromString("rwx------"));
        assertThatThrownBy(() -> PrivateMariaDb.start(above.resolve("mariadb"), Durability.FAST))
                .isInstanceOf(DatabaseFailure.class)
                .hasMessageContaining("set LAMP_DATA to a folder outside it");
    }

    @Test
    void nobody_else_may_enter_the_folder_and_the_password_is_another_one_at_every_start() throws Exception {
        String first;
        try (PrivateMariaDb database = start()) {
            first = database.password();
            for (Path each : List.of(above, folder(), folder().resolve("data"), folder().resolve("run"))) {
                assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(each)))
                        .as(each.toString())
                        .startsWith("rwx")
                        .endsWith("---");
            }
            assertThat(folder().resolve("accounts.sql")).doesNotExist();
        }
        try (PrivateMariaDb again = start()) {
            assertThat(again.password()).isNotEqualTo(first);
        }
    }

    @Test
    void comes_back_on_the_same_address_when_it_is_killed() throws Exception {
        try (PrivateMariaDb database = start()) {
            long killed = pid();
            ProcessHandle server = ProcessHandle.of(killed).orElseThrow();
            server.destroyForcibly();
            server.onExit().join();
            Instant until = Instant.now().plus(Duration.ofSeconds(60));
            List<String> answer = List.of();
            while (answer.isEmpty() && Instant.now().isBefore(until)) {
                try {
                    answer = asked(database, "select 'here again'");
                } catch (SQLException notYet) {
                    Thread.onSpinWait();
                }
            }
            assertThat(answer).containsExactly("here again");
            assertThat(pid()).isNotEqualTo(killed);
        }
    }

    @Test
    void an_answer_that_does_not_come_in_time_ends_the_connection() throws Exception {
        try (PrivateMariaDb database = start();
                Connection connection = connect(database);
                Statement statement = connection.createStatement()) {
            connection.setNetworkTimeout(Runnable::run, 200);
            assertThatThrownBy(() -> statement.executeQuery("select sleep(30)")).isInstanceOf(SQLException.class);
            assertThat(connection.isClosed()).isTrue();
        }
    }

    @Test
    void takes_over_from_a_server_whose_owner_was_killed() throws Exception {
        Process owner = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        KilledOwner.class.getName(),
                        folder().toString())
                .inheritIO()
                .start();
        assertThat(owner.waitFor()).isEqualTo(KilledOwner.STATUS);
        ProcessHandle abandoned = ProcessHandle.of(pid()).orElseThrow();
        assertThat(abandoned.isAlive()).isTrue();

        try (PrivateMariaDb next = start()) {
            assertThat(asked(next, "select 1")).containsExactly("1");
            assertThat(abandoned.isAlive()).isFalse();
        }
    }

    @Test
    void leaves_a_server_alone_that_somebody_is_using() throws Exception {
        try (PrivateMariaDb first = start()) {
            assertThatThrownBy(this::start)
                    .isInstanceOf(DatabaseFailure.class)
                    .hasMessageContaining("another Ledger Lamp is running");
            assertThat(asked(first, "select 1")).containsExactly("1");
        }
    }
}
