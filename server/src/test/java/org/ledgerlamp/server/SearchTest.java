package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Searching the ledger: words that are unfinished, missed or said otherwise, and what narrows them. */
class SearchTest extends WithTwoFolios {
    @BeforeEach
    void untilFound() throws Exception {
        Awaitility.await()
                .until(() -> find("roller kind:decision").at("/total").asInt() > 0
                        && find("bollards kind:action").at("/total").asInt() > 0
                        && find("bollards kind:said").at("/total").asInt() > 1);
    }

    private JsonNode find(String q) throws Exception {
        return desk.read("/api/lamp?q={q}", q).body();
    }

    private static List<Integer> folios(JsonNode found) {
        return each(found, "/folios").stream().map(f -> f.at("/folio").asInt()).toList();
    }

    private static List<JsonNode> hits(JsonNode found) {
        List<JsonNode> hits = new ArrayList<>();
        each(found, "/folios").forEach(f -> hits.addAll(each(f, "/hits")));
        return hits;
    }

    private static List<JsonNode> each(JsonNode of, String path) {
        return StreamSupport.stream(of.at(path).spliterator(), false).toList();
    }

    private static String text(JsonNode hit) {
        StringBuilder text = new StringBuilder();
        each(hit, "/text").forEach(p -> text.append(p.at("/text").asString()));
        return text.toString();
    }

    private static List<String> facets(JsonNode found, String by) {
        return each(found, "/facets").stream()
                .filter(f -> f.at("/by").asString().equals(by))
                .map(f -> f.at("/value").asString() + " " + f.at("/count").asInt())
                .toList();
    }

    @Test
    void the_last_word_may_be_unfinished() throws Exception {
        assertThat(find("skarness rol").at("/reach").asString()).isEqualTo("ALL");
        assertThat(folios(find("skarness rol"))).containsExactlyInAnyOrder(1, 2);
        assertThat(find("skarness rol ").at("/reach").asString())
                .as("a word that was ended is whole")
                .isNotEqualTo("ALL");
    }

    @Test
    void a_slip_of_the_fingers_finds_what_was_meant_and_that_is_said() throws Exception {
        JsonNode found = find("bolards at Brae");

        assertThat(found.at("/reach").asString()).isEqualTo("LIKE");
        assertThat(folios(found)).containsExactly(2);
        assertThat(hits(found).getFirst().toString()).contains("\"lit\":true");
    }

    @Test
    void words_that_carry_no_meaning_need_not_stand_there() throws Exception {
        JsonNode found = find("the paint for the bollards of Brae");

        assertThat(found.at("/reach").asString()).isEqualTo("ALL");
        assertThat(folios(found)).containsExactly(2);
    }

    @Test
    void a_phrase_is_looked_for_as_it_stands() throws Exception {
        assertThat(folios(find("\"roller is ordered\""))).containsExactly(2);
        assertThat(folios(find("\"ordered is roller\""))).isEmpty();
    }

    @Test
    void what_means_the_same_is_found_beside_the_words_and_marked() throws Exception {
        JsonNode found = find("danger rope getting frayed");

        assertThat(hits(found))
                .filteredOn(h -> h.at("/alike").asBoolean())
                .extracting(SearchTest::text)
                .anySatisfy(t -> assertThat(t).contains("cable wears through"));
        assertThat(hits(find("\"rope getting frayed\"")))
                .as("a phrase means itself")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "roller kind:decision,1",
        "bollards kind:actions,2",
        "fender when:2026-03-10,2",
        "fender when:2026-03-01/2026-03-05,1",
        "fender person:Ana,",
        "bollards person:ana kind:said,2",
        "roller owner:Tom kind:action,1",
        "kind:risk,1",
        "fender folio:2,2",
        "fender folio:3,",
    })
    void what_is_found_is_narrowed_by_what_is_typed(String q, Integer folio) throws Exception {
        assertThat(folios(find(q))).isEqualTo(folio == null ? List.of() : List.of(folio));
    }

    @Test
    void series_labels_and_people_narrow_and_are_offered_with_their_counts() throws Exception {
        String tag = desk.create("/api/labels", "{\"sort\":\"TAG\",\"name\":\"quay works\",\"parentId\":null}")
                .text("/id");
        desk.create("/api/ledger/shelving", "{\"folios\":[2],\"ofArchived\":false,\"put\":\"%s\"}".formatted(tag));

        assertThat(folios(find("fender tag:\"quay works\""))).containsExactly(2);
        assertThat(folios(find("fender series:berth"))).containsExactlyInAnyOrder(1, 2);
        assertThat(folios(find("fender series:steering"))).isEmpty();
        JsonNode found = find("bollards");
        assertThat(facets(found, "TAG")).containsExactly("quay works 1");
        assertThat(facets(found, "SERIES")).containsExactly("Charging berth weekly 1");
        assertThat(facets(found, "PERSON")).contains("Ana Prokop 1");
        assertThat(facets(found, "KIND")).contains("said 2");
        long places = found.at("/total").asLong();
        assertThat(each(found, "/facets").stream()
                        .filter(f -> f.at("/by").asString().equals("KIND"))
                        .mapToLong(f -> f.at("/count").asLong())
                        .sum())
                .as("every place is of one kind")
                .isEqualTo(places);
    }

    @Test
    void what_is_archived_is_found_only_where_it_is_asked_for() throws Exception {
        desk.create("/api/ledger/shelving", "{\"folios\":[2],\"ofArchived\":false,\"archived\":true}");

        assertThat(folios(find("fender"))).containsExactly(1);
        assertThat(folios(find("fender archived:yes"))).containsExactlyInAnyOrder(1, 2);
        assertThat(folios(find("fender archived:only"))).containsExactly(2);
        assertThat(facets(find("bollards"), "SERIES")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "fender person:Nobody",
                "fender kind:sermon",
                "fender folio:last",
                "fender when:whenever",
                "fender archived:maybe"
            })
    void what_means_nothing_here_finds_nothing_and_is_named(String q) throws Exception {
        JsonNode found = find(q);

        assertThat(folios(found)).isEmpty();
        assertThat(found.at("/narrowings/0/known").asBoolean()).isFalse();
        assertThat(each(found, "/facets")).isEmpty();
    }

    @Test
    void another_team_finds_counts_and_completes_nothing_of_it() throws Exception {
        Desk other = otherTeam();
        for (String q : List.of(
                "fender",
                "fend",
                "fnder",
                "kind:decision",
                "archived:yes",
                "the cable frays",
                "roller person:Tom",
                "fender series:berth")) {
            JsonNode found = other.read("/api/lamp?q={q}", q).body();
            assertThat(found.at("/total").asInt()).as(q).isZero();
            assertThat(each(found, "/folios")).as(q).isEmpty();
            assertThat(each(found, "/facets")).as(q).isEmpty();
        }
    }
}
