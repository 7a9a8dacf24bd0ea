package org.ledgerlamp.server.moving;

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
import java.time.Instant;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ledgerlamp.database.PrivateMariaDb;
import org.ledgerlamp.server.ServerTest;
import org.ledgerlamp.server.common.Secrets;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A team takes everything it has to another installation, and finds it there as it was. */
class MovingTest extends ServerTest {
    private static final String PASSPHRASE = "lantern over the slipway";
    private static final char[] KEY = PASSPHRASE.toCharArray();

    @TempDir
    private Path folder;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private MoveOut moveOut;

    private Path archive;

    @BeforeEach
    void letTheDatabaseThrough() throws IOException {
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
        archive = folder.resolve("one" + TeamArchive.ENDING);
    }

    private JsonNode made() throws Exception {
        String id = desk.create("/api/team-archives", "{\"passphrase\":\"" + PASSPHRASE + "\"}")
                .text("/id");
        return Awaitility.await()
                .atMost(Duration.ofMinutes(2))
                .until(
                        () -> {
                            for (JsonNode one : desk.read("/api/team-archives").body()) {
                                if (one.at("/id").asString().equals(id)) {
                                    return one;
                                }
                            }
                            throw new AssertionError("it is gone");
                        },
                        a -> !a.at("/finishedAt").isNull());
    }

    private static Map<String, List<Map<String, Object>>> everythingOf(UUID team, JdbcTemplate at) {
        Map<String, String> tables = at.execute((Connection c) -> TeamTables.in(c));
        Map<String, List<Map<String, Object>>> all = new TreeMap<>();
        tables.forEach((table, condition) -> {
            List<Map<String, Object>> rows = at.query(
                    "select * from `" + table + "` where " + condition,
                    (row, n) -> {
                        Map<String, Object> values = new TreeMap<>();
                        RowFormat.row(row)
                                .properties()
                                .forEach(
                                        v -> values.put(v.getKey(), v.getValue().toString()));
                        TeamTables.SECRETS.getOrDefault(table, Set.of()).forEach(values::remove);
                        return values;
                    },
                    team.toString());
            rows.sort((a, b) -> a.toString().compareTo(b.toString()));
            all.put(table, rows);
        });
        return all;
    }

    private interface Look {
        void at(JdbcTemplate there) throws Exception;
    }

    private static void lookInto(Path data, Look look) throws Exception {
        try (PrivateMariaDb database = PrivateMariaDb.start(data.resolve("mariadb"), PrivateMariaDb.Durability.FAST);
                Connection connection =
                        DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password())) {
            look.at(new JdbcTemplate(new SingleConnectionDataSource(connection, true)));
        }
    }

    @Test
    void a_team_is_elsewhere_what_it_was_here_down_to_the_last_row() throws Exception {
        UUID demo = jdbc.queryForObject("select id from team where name like '%Skerry%' limit 1", UUID.class);
        moveOut.write(demo, archive, KEY);

        Manifest manifest = MoveIn.read(folder.resolve("data"), archive, KEY);

        assertThat(manifest.rows().get("minutes_line")).isGreaterThan(100);
        Map<String, List<Map<String, Object>>> here = everythingOf(demo, jdbc);
        lookInto(folder.resolve("data"), there -> {
            assertThat(everythingOf(demo, there)).isEqualTo(here);
            assertThat(there.queryForObject("select count(*) from team", Integer.class))
                    .isEqualTo(1);
            assertThat(there.queryForObject("select count(*) from first_visit", Integer.class))
                    .as("nobody else may take the installation")
                    .isEqualTo(1);
        });
    }

    @Test
    void what_is_kept_secret_is_opened_with_the_other_installations_key() throws Exception {
        desk.store(
                "/api/post/account",
                """
                {"host":"127.0.0.1","port":2525,"safety":"STARTTLS","username":"lamp","secret":"tide table",\
                "sender":"lamp@skerry.example","senderName":"Lamp"}
                """);
        UUID team = desk.who().teamId();
        moveOut.write(team, archive, KEY);

        Path data = folder.resolve("data");
        MoveIn.read(data, archive, KEY);

        byte[] here = jdbc.queryForObject("select secret from mail_account where team_id = ?", byte[].class, team);
        lookInto(data, there -> {
            byte[] secret =
                    there.queryForObject("select secret from mail_account where team_id = ?", byte[].class, team);
            assertThat(secret).isNotEqualTo(here);
            assertThat(new Secrets(data).told(secret)).isEqualTo("tide table");
        });
    }

    @Test
    void every_column_of_encrypted_bytes_is_known() {
        List<String> bytes = jdbc.queryForList(
                "select concat(table_name, '.', column_name) from information_schema.columns"
                        + " where table_schema = database() and data_type = 'varbinary'"
                        + " and table_name <> 'team_archive'",
                String.class);

        assertThat(TeamTables.SECRETS.entrySet().stream()
                        .flatMap(t -> t.getValue().stream().map(c -> t.getKey() + "." + c)))
                .containsExactlyInAnyOrderElementsOf(bytes);
    }

    @Test
    void a_letter_that_waits_is_not_sent_from_two_places() throws Exception {
        UUID team = desk.who().teamId();
        jdbc.update(
                "insert into outgoing_letter (id, team_id, version, dispatch, kind, written_at, name, address, subject,"
                        + " text, html, state, attempts, next_try_at) values (uuid(), ?, 0, uuid(), 'TRIAL',"
                        + " '2026-03-01', 'Tom', 'tom@skerry.example', 's', 't', 'h', 'WAITING', 1, '2099-01-01')",
                team);
        moveOut.write(team, archive, KEY);
        jdbc.update("delete from outgoing_letter where team_id = ?", team);

        MoveIn.read(folder.resolve("data"), archive, KEY);

        lookInto(folder.resolve("data"), there -> assertThat(
                        there.queryForMap("select state, problem from outgoing_letter"))
                .containsEntry("state", "FAILED")
                .containsEntry("problem", "It had not been sent when the team moved here."));
    }

    @Test
    void several_teams_move_in_and_none_twice() throws Exception {
        Path data = folder.resolve("data");
        moveOut.write(desk.who().teamId(), archive, KEY);
        MoveIn.read(data, archive, KEY);

        assertThatThrownBy(() -> MoveIn.read(data, archive, KEY)).hasMessageContaining("is here already");

        Path second = folder.resolve("two" + TeamArchive.ENDING);
        moveOut.write(otherTeam().who().teamId(), second, KEY);
        MoveIn.read(data, second, KEY);
        lookInto(data, there -> assertThat(there.queryForObject("select count(*) from team", Integer.class))
                .isEqualTo(2));
    }

    @Test
    void it_is_made_on_demand_and_handed_to_those_who_administer_the_team() throws Exception {
        desk.meeting("Berth planning");
        JsonNode done = made();

        assertThat(done.at("/problem").isNull()).as(done.toString()).isTrue();
        byte[] bytes = desk.bytes("/api/team-archives/{id}/file", done.at("/id").asString());
        assertThat(bytes).hasSize(done.at("/bytes").asInt());
        assertThat(new String(bytes, StandardCharsets.ISO_8859_1)).doesNotContain("Berth planning");
        Files.write(archive, bytes);
        assertThat(MoveIn.read(folder.resolve("data"), archive, KEY).rows().get("meeting"))
                .isEqualTo(1);
        assertThat(jdbc.queryForList(
                        "select kind from audit_entry where team_id = ? order by at",
                        String.class,
                        desk.who().teamId()))
                .contains("TEAM_ARCHIVE_ORDERED", "TEAM_ARCHIVE_DOWNLOADED");
        assertThat(jdbc.queryForObject("select count(*) from team_archive where passphrase is not null", Integer.class))
                .as("the passphrase is forgotten")
                .isZero();
        assertThat(otherTeam()
                        .read("/api/team-archives/{id}/file", done.at("/id").asString())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void it_is_deleted_when_somebody_says_so() throws Exception {
        String id = made().at("/id").asString();

        assertThat(desk.remove("/api/team-archives/{id}", id).status()).isEqualTo(204);

        assertThat(desk.read("/api/team-archives").body().isEmpty()).isTrue();
        assertThat(desk.read("/api/team-archives/{id}/file", id).status()).isEqualTo(404);
    }

    @Test
    void a_short_passphrase_is_refused() throws Exception {
        assertThat(desk.create("/api/team-archives", "{\"passphrase\":\"short\"}")
                        .status())
                .isEqualTo(400);
        assertThat(desk.read("/api/team-archives").body().isEmpty()).isTrue();
    }

    @Test
    void one_that_was_changed_cut_off_or_is_none_is_refused_and_leaves_nothing() throws Exception {
        moveOut.write(desk.who().teamId(), archive, KEY);
        byte[] bytes = Files.readAllBytes(archive);
        byte[] changed = bytes.clone();
        changed[bytes.length / 2] ^= 1;

        assertUnreadable("another one altogether".toCharArray());
        Files.write(archive, changed);
        assertUnreadable(KEY);
        Files.write(archive, Arrays.copyOf(bytes, bytes.length - 100));
        assertUnreadable(KEY);
        Files.writeString(archive, "no archive");
        assertUnreadable(KEY);

        Path data = folder.resolve("data");
        assertThatThrownBy(() -> MoveIn.read(data, archive, KEY)).isInstanceOf(IOException.class);
        assertThat(data.resolve("mariadb")).doesNotExist();
        assertThat(data.resolve("moving-in")).doesNotExist();
    }

    private void assertUnreadable(char[] key) {
        assertThatThrownBy(() -> TeamArchive.read(archive, key, new TeamArchive.Reader() {
                    @Override
                    public void begin(Manifest manifest) {}

                    @Override
                    public void table(String name, Iterator<JsonNode> rows) {
                        rows.forEachRemaining(row -> {});
                    }
                }))
                .isInstanceOf(IOException.class);
    }

    private Manifest handMade(int schema, String table, String... rows) throws IOException {
        UUID team = UUID.fromString("018f0000-0000-7000-8000-000000000001");
        Manifest manifest = new Manifest(
                Manifest.FORMAT, schema, team, "Quay", Instant.EPOCH, Map.of("team", 1L, table, (long) rows.length));
        JsonMapper json = JsonMapper.builder().build();
        TeamArchive.write(archive, KEY, to -> {
            to.begin(manifest);
            to.table("team").add(json.readTree("{\"id\":\"" + team + "\",\"name\":\"Quay\",\"last_folio\":7}"));
            TeamArchive.Table into = to.table(table);
            for (String row : rows) {
                into.add(json.readTree(row));
            }
        });
        return manifest;
    }

    private static String label(String team, String parent) {
        return "{\"id\":\"018f0000-0000-7000-8000-000000000002\",\"team_id\":\"018f0000-0000-7000-8000-00000000000"
                + team + "\",\"version\":0,\"sort\":\"TAG\",\"name\":\"a\",\"parent_id\":" + parent + "}";
    }

    @Test
    void one_of_an_earlier_edition_grows_to_the_shape_of_this_one() throws Exception {
        handMade(44, "label", label("1", "null"));

        MoveIn.read(folder.resolve("data"), archive, KEY);

        lookInto(folder.resolve("data"), there -> assertThat(
                        there.queryForMap("select t.last_folio, l.name from team t, label l"))
                .containsEntry("last_folio", 7)
                .containsEntry("name", "a"));
    }

    @Test
    void one_of_a_later_edition_or_with_what_is_not_the_teams_is_refused() throws Exception {
        handMade(9999, "label", label("1", "null"));
        assertRefused("newer");
        handMade(44, "label", label("9", "null"));
        assertRefused("another team");
        handMade(44, "label", label("1", "\"018f0000-0000-7000-8000-000000000003\""));
        assertRefused("points at what is not there");
        handMade(44, "label` select 1; --", label("1", "null"));
        assertRefused("not known");
        handMade(44, "label", "{\"id\":\"018f0000-0000-7000-8000-000000000002\"}");
        assertRefused("other columns");
    }

    private void assertRefused(String why) {
        assertThatThrownBy(() -> MoveIn.read(folder.resolve("data"), archive, KEY))
                .isInstanceOf(IOException.class)
                .hasMessageContaining(why);
    }
}
