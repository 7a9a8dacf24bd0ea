package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Folios are filed under collections, projects and tags, found by them, archived, one or many at once. */
class ShelfTest extends WithTwoFolios {
    private String label(String sort, String name, String parent) throws Exception {
        return desk.create(
                        "/api/labels",
                        "{\"sort\":\"%s\",\"name\":\"%s\",\"parentId\":%s}"
                                .formatted(sort, name, parent == null ? "null" : "\"" + parent + "\""))
                .text("/id");
    }

    private Desk.Answer shelve(String order) throws Exception {
        return desk.create("/api/ledger/shelving", order);
    }

    private Desk.Answer put(String label, int... folios) throws Exception {
        return shelve("{\"folios\":%s,\"ofArchived\":false,\"put\":\"%s\"}".formatted(Arrays.toString(folios), label));
    }

    private List<Integer> folios(String query) throws Exception {
        List<Integer> found = new ArrayList<>();
        desk.read("/api/ledger?" + query)
                .at("/rows")
                .forEach(r -> found.add(r.at("/folio").asInt()));
        return found;
    }

    private long counted(String facet, String name, String query) throws Exception {
        for (JsonNode value : desk.read("/api/ledger/facets?" + query).at("/values")) {
            if (value.at("/facet").asString().equals(facet)
                    && value.at("/name").asString().equals(name)) {
                return value.at("/folios").asLong();
            }
        }
        return 0;
    }

    @Test
    void what_stands_in_a_collection_stands_in_the_one_around_it_too() throws Exception {
        String outer = label("COLLECTION", "Quays", null);
        String inner = label("COLLECTION", "Brae", outer);
        put(inner, 2);

        assertThat(folios("facet=COLLECTION:" + outer)).containsExactly(2);
        assertThat(counted("COLLECTION", "Quays", "")).isEqualTo(1);
        assertThat(desk.create(
                                "/api/labels",
                                "{\"sort\":\"COLLECTION\",\"name\":\"Deeper\",\"parentId\":\"" + inner + "\"}")
                        .status())
                .isEqualTo(400);

        desk.write("/api/labels/{id}", 0, "{\"sort\":\"COLLECTION\",\"name\":\"Brae quay\",\"parentId\":null}", inner);
        assertThat(folios("facet=COLLECTION:" + outer)).isEmpty();
        assertThat(counted("COLLECTION", "Brae quay", "")).isEqualTo(1);
    }

    @Test
    void facets_narrow_each_other_and_count_what_would_be_left() throws Exception {
        String tag = label("TAG", "paint", null);
        put(tag, 2);

        assertThat(counted("SERIES", "Charging berth weekly", "")).isEqualTo(2);
        assertThat(counted("SERIES", "Charging berth weekly", "facet=TAG:" + tag))
                .isEqualTo(1);
        assertThat(desk.read("/api/ledger/facets?facet=TAG:" + tag).at("/total").asInt())
                .isEqualTo(1);
        assertThat(folios("facet=PERIOD:2026-Q1&facet=SERIES:Charging berth weekly"))
                .containsExactly(2, 1);
        assertThat(folios("facet=PERIOD:2025-Q1")).isEmpty();
        assertThat(desk.read("/api/ledger?facet=nonsense").status()).isEqualTo(400);
    }

    @Test
    void the_ledger_is_sorted_and_grouped_either_way() throws Exception {
        assertThat(folios("by=DATE&descending=false")).containsExactly(1, 2);
        assertThat(folios("by=TITLE&descending=true")).containsExactly(2, 1);
        assertThat(folios("groups=SERIES&by=FOLIO&descending=false")).containsExactly(1, 2);
        assertThat(desk.read("/api/ledger?after=nowhere").status()).isEqualTo(400);
    }

    @Test
    void many_are_changed_at_once_and_the_answer_tells_what_to_take_back() throws Exception {
        String tag = label("TAG", "paint", null);
        put(tag, 2);

        assertThat(put(tag, 1, 2, 999).at("/changed"))
                .extracting(JsonNode::asInt)
                .containsExactly(1);
        shelve("{\"folios\":[1],\"ofArchived\":false,\"take\":\"%s\"}".formatted(tag));
        assertThat(folios("facet=TAG:" + tag)).containsExactly(2);
        assertThat(shelve(
                                "{\"folios\":[],\"fitting\":[\"SERIES:Charging berth weekly\"],\"ofArchived\":false,\"put\":\"%s\"}"
                                        .formatted(tag))
                        .at("/changed"))
                .extracting(JsonNode::asInt)
                .containsExactly(1);
    }

    @Test
    void what_is_archived_is_out_of_sight_and_comes_back() throws Exception {
        shelve("{\"folios\":[1],\"ofArchived\":false,\"archived\":true}");

        assertThat(folios("")).containsExactly(2);
        assertThat(folios("archived=true")).containsExactly(1);
        assertThat(counted("SERIES", "Charging berth weekly", "")).isEqualTo(1);
        assertThat(counted("SERIES", "Charging berth weekly", "archived=true")).isEqualTo(1);
        assertThat(desk.read("/api/folios/1/shelf").at("/archived").asBoolean()).isTrue();

        shelve("{\"folios\":[1],\"ofArchived\":true,\"archived\":false}");
        assertThat(folios("")).containsExactly(2, 1);
        assertThat(counted("SERIES", "Charging berth weekly", "archived=true")).isZero();
    }

    @Test
    void a_label_that_is_removed_is_taken_off_its_folios_and_says_which_they_were() throws Exception {
        String tag = label("TAG", "paint", null);
        put(tag, 1, 2);

        assertThat(desk.remove("/api/labels/{id}", tag).at("/folios")).hasSize(2);
        assertThat(counted("TAG", "paint", "")).isZero();
        assertThat(desk.create("/api/labels", "{\"sort\":\"TAG\",\"name\":\"paint\"}")
                        .status())
                .isEqualTo(201);
        assertThat(desk.create("/api/labels", "{\"sort\":\"TAG\",\"name\":\"paint\"}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void a_folio_is_suggested_what_its_series_is_filed_under_and_nothing_is_filed_by_that() throws Exception {
        put(label("COLLECTION", "Berths", null), 1);

        JsonNode shelf = desk.read("/api/folios/2/shelf").body();
        assertThat(shelf.at("/suggestions/0/name").asString()).isEqualTo("Berths");
        assertThat(shelf.at("/suggestions/0/why").asString()).contains("1 of 1 other folios");
        assertThat(shelf.at("/labels")).isEmpty();
        assertThat(shelf.at("/subjects")).isNotEmpty();
    }

    @Test
    void a_folio_that_is_renamed_or_amended_shows_so_and_one_taken_back_is_gone() throws Exception {
        change(line("ACTION"), facts("ACTION", "Tom Reyes to paint the bollards.", tom, "STRUCK"));
        JsonNode row = desk.read("/api/ledger").at("/rows/0");
        assertThat(row.at("/actions").asInt()).isZero();

        desk.remove("/api/folios/{n}", 1);
        assertThat(folios("")).containsExactly(2);
        assertThat(counted("SERIES", "Charging berth weekly", "")).isEqualTo(1);
    }

    @Test
    void a_month_shows_its_folios_by_day() throws Exception {
        assertThat(desk.read("/api/ledger/month?month=2026-03").body())
                .extracting(r -> r.at("/date").asString())
                .containsExactly("2026-03-03", "2026-03-10");
        assertThat(desk.read("/api/ledger/month?month=2026-04").body()).isEmpty();
    }

    @Test
    void a_view_is_kept_under_its_name_for_the_member_alone() throws Exception {
        desk.create("/api/views", "{\"name\":\"Mine\",\"query\":\"by=TITLE\"}");
        desk.create("/api/views", "{\"name\":\"Mine\",\"query\":\"by=FOLIO\"}");

        JsonNode views = desk.read("/api/views").body();
        assertThat(views).hasSize(1);
        assertThat(views.at("/0/query").asString()).isEqualTo("by=FOLIO");
        assertThat(colleague("Ana Prokop").read("/api/views").body()).isEmpty();
        assertThat(colleague("Ben Holt")
                        .remove("/api/views/{id}", views.at("/0/id").asString())
                        .status())
                .isEqualTo(404);
        desk.remove("/api/views/{id}", views.at("/0/id").asString());
        assertThat(desk.read("/api/views").body()).isEmpty();
    }

    @Test
    void another_team_files_nothing_here_and_counts_nothing() throws Exception {
        String tag = label("TAG", "paint", null);
        Desk stranger = otherTeam();

        assertThat(stranger.create(
                                "/api/ledger/shelving", "{\"folios\":[1],\"ofArchived\":false,\"put\":\"" + tag + "\"}")
                        .status())
                .isEqualTo(404);
        assertThat(stranger.read("/api/ledger/facets").at("/values")).isEmpty();
        assertThat(stranger.read("/api/ledger?facet=SERIES:Charging berth weekly")
                        .at("/rows"))
                .isEmpty();
    }
}
