package org.ledgerlamp.trials.soak;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What {@code ./lamp soak} does, each shortly. */
class SoakTest {
    private static final Path DATA = Path.of(
            System.getenv().getOrDefault("LAMP_TEST_DATA", "target"),
            "soaked-" + ProcessHandle.current().pid());
    private static final int KILLS = Integer.getInteger("lamp.kills", 2);
    private static final long SEED = 11;

    private static SmallDisk disk;
    private static Installation installation;

    @BeforeAll
    static void start() throws IOException, InterruptedException {
        disk = SmallDisk.of(DATA, 900).orElse(null);
        installation = new Installation(DATA, "1000m", "--lamp.demo=true", "--lamp.disk-reserve-mb=64");
        installation.start();
    }

    @AfterAll
    static void stop() throws IOException {
        installation.close();
        if (disk != null) {
            disk.close();
        }
    }

    private static void holds(Result result) {
        assertThat(result.holds()).as(result.row()).isTrue();
    }

    @Test
    void nothing_that_was_confirmed_is_lost_doubled_or_stuck_when_server_and_database_are_killed() throws Exception {
        holds(new Kills(installation, SEED).run(KILLS, Instant.now().plus(Duration.ofMinutes(30))));
    }

    /** Only root can have a disk that may be filled: for others that one is left out. */
    @Test
    void work_goes_on_by_itself_when_database_or_disk_are_well_again() throws Exception {
        List<Result> results = new Outages(installation, Duration.ofSeconds(3), disk).run();

        assertThat(results).hasSize(3);
        results.stream()
                .filter(r -> disk != null || !r.trial().startsWith("disk full"))
                .forEach(SoakTest::holds);
    }

    @Test
    void damaged_files_are_answered_soon_and_never_with_a_failure() throws Exception {
        holds(new Hostile(installation, 70, SEED).run());
    }

    @Test
    void the_same_seed_does_the_same_damage() throws IOException {
        byte[] file = "00:00:01.000 --> 00:00:02.000\nMira: Good morning.\n"
                .repeat(50)
                .getBytes();

        assertThat(new Damage(1).done(file)).isEqualTo(new Damage(1).done(file)).isNotEqualTo(new Damage(2).done(file));
    }

    @Test
    void members_read_while_others_draft_and_file() throws Exception {
        Result crowd = new Crowd(installation, 6, Duration.ofSeconds(5)).run();

        assertThat(crowd.measured()).startsWith("0 errors");
    }
}
