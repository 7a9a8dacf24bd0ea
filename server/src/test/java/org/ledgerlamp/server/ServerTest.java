package org.ledgerlamp.server;

import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.ledgerlamp.database.PrivateMariaDb;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/**
 * The whole server on a throw-away MariaDB, one for all tests, with the demo in it; every test gets a team of its own.
 */
@SpringBootTest(properties = {"spring.main.banner-mode=off", "lamp.demo=true", "lamp.networks=127.0.0.1"})
@AutoConfigureMockMvc
public abstract class ServerTest {
    private static final Path HOME = Path.of(
                    System.getenv().getOrDefault("LAMP_TEST_DATA", "target"),
                    "test-data-" + ProcessHandle.current().pid())
            .toAbsolutePath();
    private static final PrivateMariaDb DATABASE = database();

    @Autowired
    protected MockMvc http;

    @Autowired
    private Desks desks;

    /** A member of a team that no other test knows. */
    protected Desk desk;

    private static PrivateMariaDb database() {
        PrivateMariaDb database = PrivateMariaDb.start(HOME.resolve("mariadb"), PrivateMariaDb.Durability.FAST);
        SpringApplication.getShutdownHandlers().add(database::close);
        return database;
    }

    @DynamicPropertySource
    static void settings(DynamicPropertyRegistry registry) {
        registry.add("spring.datasource.url", DATABASE::jdbcUrl);
        registry.add("spring.datasource.username", DATABASE::user);
        registry.add("spring.datasource.password", DATABASE::password);
        registry.add("lamp.data", HOME::toString);
    }

    @BeforeEach
    void sitDown() {
        desk = desks.newTeam();
    }

    /** A second team, to which nothing of the first is to be shown. */
    protected Desk otherTeam() {
        return desks.newTeam();
    }

    /** A second member of the team at {@link #desk}. */
    protected Desk colleague(String name) {
        return desks.colleagueOf(desk, name);
    }

    /** The desk of somebody who is signed in. */
    protected Desk as(SignedIn who) {
        return new Desk(http, who);
    }
}
