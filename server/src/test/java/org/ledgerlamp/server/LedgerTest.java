package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.demo.DemoLoader;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.DefaultApplicationArguments;
import tools.jackson.databind.JsonNode;

/** The demo data, and the day sheet and ledger that they fill. */
class LedgerTest extends ServerTest {
    private static final int FOLIOS = 24;

    @Autowired
    private DemoLoader demo;

    @Autowired
    private AccessService access;

    private Desk lead() {
        SignedIn mira =
                (SignedIn) access.loadUserByUsername(demo.signIns().getFirst().email());
        return new Desk(http, mira);
    }

    @Test
    void the_demo_has_two_quarters_of_folios_two_drafts_and_a_source_in_the_tray() throws Exception {
        JsonNode day = lead().read("/api/day?date={d}", LocalDate.now()).body();

        assertThat(lead().read("/api/ledger").at("/rows")).hasSize(FOLIOS);
        assertThat(day.at("/drafts")).hasSize(2);
        assertThat(day.at("/sources")).hasSize(1);
        assertThat(day.at("/meetings")).hasSize(3);
        assertThat(day.at("/meetings/0/pencil").asInt()).isPositive();
        assertThat(lead().read("/api/people").body()).hasSize(13);
    }

    @Test
    void a_second_start_leaves_the_demo_as_it_is() throws Exception {
        demo.run(new DefaultApplicationArguments());

        assertThat(lead().read("/api/ledger").at("/rows")).hasSize(FOLIOS);
    }

    @Test
    void folios_stand_newest_meeting_first() throws Exception {
        JsonNode rows = lead().read("/api/ledger").at("/rows");

        assertThat(rows).extracting(r -> r.at("/date").asString()).isSortedAccordingTo((a, b) -> b.compareTo(a));
        assertThat(rows.at("/4/decisions").asInt()).isEqualTo(4);
        assertThat(rows.at("/4/actions").asInt()).isEqualTo(8);
    }

    @Test
    void the_ledger_is_filtered_by_series_and_by_who_attended() throws Exception {
        String ivo = "";
        for (JsonNode value : lead().read("/api/ledger/facets").at("/values")) {
            if (value.at("/name").asString().equals("Ivo Brandt")) {
                ivo = value.at("/value").asString();
            }
        }

        assertThat(lead().read("/api/ledger?facet=SERIES:{s}", "Charging berth weekly")
                        .at("/rows"))
                .hasSize(10);
        assertThat(lead().read("/api/ledger?facet=SERIES:{s}&facet=PERSON:{p}", "Charging berth weekly", ivo)
                        .at("/rows"))
                .hasSize(1);
    }

    @Test
    void every_line_of_a_demo_folio_is_in_ink_and_rests_on_something() throws Exception {
        for (int folio = 1; folio <= FOLIOS; folio++) {
            for (JsonNode line : lead().read("/api/folios/{n}", folio).at("/lines")) {
                assertThat(line.at("/state").asString()).isIn("INK", "STRUCK");
                assertThat(line.at("/evidence"))
                        .as(folio + ": " + line.at("/text").asString())
                        .isNotEmpty();
            }
        }
    }

    @Test
    void a_folio_that_is_not_there_is_said_not_to_be() throws Exception {
        Desk.Answer missing = lead().read("/api/folios/{n}", 999);

        assertThat(missing.status()).isEqualTo(404);
        assertThat(missing.text("/detail")).isEqualTo("There is no such folio.");
    }
}
