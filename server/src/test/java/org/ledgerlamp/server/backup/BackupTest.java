package org.ledgerlamp.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Duration;
import java.util.Arrays;
import java.util.UUID;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ledgerlamp.database.PrivateMariaDb;
import org.ledgerlamp.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Everything is copied while members go on working, read back for a trial, and brought back where it is needed. */
class BackupTest extends ServerTest {
    private static final char[] KEY = "tide over the slip".toCharArray();
    private static final byte[] SECRETS = {1, 2, 3};

    @TempDir
    private Path folder;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private BackupDesk backups;

    @BeforeEach
    void letTheDatabaseThrough() throws IOException {
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
    }

    private JsonNode made() throws Exception {
        String id = desk.create("/api/backups", "").text("/id");
        return Awaitility.await()
                .atMost(Duration.ofMinutes(2))
                .until(
                        () -> {
                            for (JsonNode one : desk.read("/api/backups").at("/backups")) {
                                if (one.at("/id").asString().equals(id)) {
                                    return one;
                                }
                            }
                            throw new AssertionError("it is gone");
                        },
                        b -> !b.at("/finishedAt").isNull());
    }

    @Test
    void one_is_made_on_demand_read_back_and_told_of() throws Exception {
        JsonNode backup = made();

        assertThat(backup.at("/problem").isNull()).as(backup.toString()).isTrue();
        assertThat(backup.at("/tried").asBoolean()).isTrue();
        assertThat(backup.at("/encrypted").asBoolean()).isFalse();
        Path file = backups.folder().resolve(backup.at("/file").asString());
        assertThat(Files.size(file)).isEqualTo(backup.at("/bytes").asLong());
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
    }

    @Test
    void the_next_is_ordered_for_the_night() throws Exception {
        JsonNode sheet = desk.read("/api/backups").body();

        assertThat(sheet.at("/at").asString()).startsWith("02:30");
        assertThat(sheet.at("/backups").findValuesAsString("nightly")).contains("true");
    }

    @Test
    void what_was_backed_up_is_there_after_a_restore() throws Exception {
        Path file = backups.folder().resolve(made().at("/file").asString());
        Path data = folder.resolve("data");

        BackupCommand.restore(data, file, null);

        assertThat(Files.readAllBytes(data.resolve("secrets.key"))).hasSize(32);
        try (PrivateMariaDb database = PrivateMariaDb.start(data.resolve("mariadb"), PrivateMariaDb.Durability.FAST);
                Connection connection =
                        DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password());
                var found = connection
                        .createStatement()
                        .executeQuery("select email from member where email = '"
                                + desk.who().email() + "'")) {
            assertThat(found.next()).isTrue();
            assertThat(RowCounts.of(connection).byTable()).containsKey("member");
        }
    }

    @Test
    void an_encrypted_one_opens_with_its_key_alone() throws IOException {
        Path file = encrypted();

        assertThat(BackupFile.read(
                        file, KEY, in -> assertThat(in.readAllBytes()).hasSize(300_000)))
                .isEqualTo(SECRETS);
        assertThat(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1))
                .doesNotContain("database.sql");
        assertThatThrownBy(() -> BackupFile.read(file, "another".toCharArray(), in -> in.readAllBytes()))
                .isInstanceOf(IOException.class);
        assertThatThrownBy(() -> BackupFile.read(file, null, in -> in.readAllBytes()))
                .hasMessageContaining("encrypted");
    }

    @Test
    void one_that_was_changed_or_cut_off_is_refused() throws IOException {
        Path file = encrypted();
        byte[] bytes = Files.readAllBytes(file);
        byte[] changed = bytes.clone();
        changed[bytes.length / 2] ^= 1;
        Files.write(file, changed);
        assertThatThrownBy(() -> BackupFile.read(file, KEY, in -> in.readAllBytes()))
                .isInstanceOf(IOException.class);

        Files.write(file, Arrays.copyOf(bytes, bytes.length / 2));
        assertThatThrownBy(() -> BackupFile.read(file, KEY, in -> in.readAllBytes()))
                .isInstanceOf(IOException.class);

        Path other = folder.resolve("other.zip");
        Files.writeString(other, "no archive");
        assertThatThrownBy(() -> BackupFile.read(other, null, in -> in.readAllBytes()))
                .hasMessageContaining("no whole backup");
    }

    private Path encrypted() throws IOException {
        byte[] content = new byte[300_000];
        Path file = folder.resolve("one" + BackupFile.ending(true));
        BackupFile.write(file, KEY, out -> out.write(content), SECRETS);
        return file;
    }

    @Test
    void those_kept_long_enough_are_thrown_away_but_the_latest_never() throws Exception {
        String old = made().at("/id").asString();
        String oldFile =
                jdbc.queryForObject("select file from backup where id = ?", String.class, UUID.fromString(old));
        jdbc.update("update backup set finished_at = '2020-01-01' where finished_at is not null");

        JsonNode latest = made();

        Awaitility.await().untilAsserted(() -> assertThat(
                        jdbc.queryForList("select id from backup where id = ?", UUID.fromString(old)))
                .isEmpty());
        assertThat(backups.folder().resolve(oldFile)).doesNotExist();
        assertThat(backups.folder().resolve(latest.at("/file").asString())).exists();
    }
}
