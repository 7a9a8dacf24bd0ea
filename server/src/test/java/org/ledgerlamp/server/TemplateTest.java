package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The team's templates: shipped ones, its own, and what becomes of minutes when they change. */
class TemplateTest extends WithDraft {
    private JsonNode kept(String name) throws Exception {
        for (JsonNode t : desk.read("/api/templates").body()) {
            if (t.at("/facts/name").asString().equals(name)) {
                return t;
            }
        }
        throw new AssertionError("no template " + name);
    }

    private ObjectNode facts(String name) throws Exception {
        return (ObjectNode) kept(name).at("/facts");
    }

    private Desk.Answer keep(ObjectNode facts) throws Exception {
        return desk.create("/api/templates", facts.toString());
    }

    private static List<String> headings(JsonNode sections) {
        List<String> headings = new ArrayList<>();
        sections.forEach(s -> headings.add(s.at("/heading").asString()));
        return headings;
    }

    @Test
    void a_copy_is_the_teams_own_and_offered_to_nobody_else() throws Exception {
        Desk.Answer copy = keep(facts("Weekly status").put("name", "Yard weekly"));

        assertThat(copy.at("/id").isNull()).isFalse();
        assertThat(copy.at("/shipped").asBoolean()).isFalse();
        assertThat(otherTeam().read("/api/templates").body().toString()).doesNotContain("Yard weekly");
        assertThat(keep(facts("Weekly status").put("name", "Yard weekly")).status())
                .isEqualTo(409);
    }

    @Test
    void one_called_like_a_shipped_one_stands_in_its_place_until_it_is_let_go() throws Exception {
        ObjectNode facts = facts("Weekly status");
        ((ObjectNode) facts.at("/sections/0")).put("heading", "Who came");
        String own = keep(facts).text("/id");

        assertThat(kept("Weekly status").at("/facts/sections/0/heading").asString())
                .isEqualTo("Who came");
        assertThat(kept("Weekly status").at("/shipped").asBoolean()).isTrue();
        desk.remove("/api/templates/{id}", own);
        assertThat(kept("Weekly status").at("/facts/sections/0/heading").asString())
                .isEqualTo("Attendance");
    }

    @Test
    void minutes_keep_the_form_they_were_given_whatever_becomes_of_the_template() throws Exception {
        ObjectNode facts = facts("Weekly status").put("name", "Yard weekly");
        Desk.Answer own = keep(facts);
        desk.drafted(desk.write(
                "/api/minutes/{id}/template",
                page().at("/version").asInt(),
                "{\"template\":\"Yard weekly\"}",
                minutes));
        List<String> before = headings(page().at("/template/sections"));

        ((ObjectNode) facts.at("/sections/0")).put("heading", "Something else");
        assertThat(desk.write("/api/templates/{id}", 0, facts.toString(), own.text("/id"))
                        .status())
                .isEqualTo(200);
        assertThat(desk.write("/api/templates/{id}", 0, facts.toString(), own.text("/id"))
                        .status())
                .isEqualTo(412);

        assertThat(page().at("/template/name").asString()).isEqualTo("Yard weekly");
        assertThat(headings(page().at("/template/sections"))).isEqualTo(before);
    }

    @Test
    void an_archived_one_is_not_drafted_by_until_it_is_brought_back() throws Exception {
        String own = keep(facts("Weekly status").put("name", "Yard weekly")).text("/id");
        desk.send("PUT", "/api/templates/" + own + "/archived", "{\"archived\":true}");
        String meeting = desk.meeting("Another");
        desk.place(desk.drop("other.txt", TALK + "Mira Voss: Bye.\n").text("/0/source/id"), meeting);

        Desk.Answer refused = desk.create("/api/meetings/{id}/minutes", "{\"template\":\"Yard weekly\"}", meeting);

        assertThat(refused.status()).isEqualTo(400);
        assertThat(kept("Yard weekly").at("/archived").asBoolean()).isTrue();
        desk.send("PUT", "/api/templates/" + own + "/archived", "{\"archived\":false}");
        assertThat(desk.create("/api/meetings/{id}/minutes", "{\"template\":\"Yard weekly\"}", meeting)
                        .status())
                .isEqualTo(202);
    }

    @Test
    void the_teams_own_for_a_kind_of_meeting_comes_before_the_shipped_one() throws Exception {
        keep(facts("Committee")
                .put("name", "Our weekly")
                .set("kinds", facts("Weekly status").at("/kinds")));
        String meeting = desk.meeting("Charging berth weekly");

        minutes = draftOf(meeting);

        assertThat(page().at("/template/name").asString()).isEqualTo("Our weekly");
    }

    @Test
    void what_breaks_a_rule_of_templates_is_refused_with_the_reason() throws Exception {
        ObjectNode twice = facts("Weekly status").put("name", "Twice");
        ((ObjectNode) twice.at("/sections/0")).put("heading", "Summary");
        assertThat(keep(twice).text("/detail")).contains("same heading");

        ObjectNode unknown = facts("Weekly status").put("name", "Unknown").put("file", "{colour}");
        assertThat(keep(unknown).text("/detail")).contains("{colour} is no placeholder");

        ObjectNode silent = facts("Weekly status").put("name", "Silent");
        ((ObjectNode) silent.at("/sections/1")).put("content", "ANSWER").put("text", " ");
        assertThat(keep(silent).text("/detail")).contains("needs a text");
    }

    @Test
    void a_template_goes_out_as_a_file_and_comes_in_again() throws Exception {
        String file = new String(desk.bytes("/api/templates/file?name={name}", "Supplier call"));

        Desk.Answer read = desk.create(
                "/api/templates/read",
                tools.jackson.databind.json.JsonMapper.shared()
                        .createObjectNode()
                        .put("json", file)
                        .toString());
        assertThat(read.body()).isEqualTo(facts("Supplier call"));

        Desk.Answer broken = desk.create(
                "/api/templates/read",
                "{\"json\":\"{\\\"format\\\":\\\"ledger-lamp/template\\\",\\\"version\\\":1,\\\"name\\\":\\\"x\\\",\\\"detail\\\":\\\"standard\\\",\\\"sections\\\":[{\\\"heading\\\":\\\"A\\\",\\\"content\\\":\\\"poems\\\"}]}\"}");
        assertThat(broken.status()).isEqualTo(400);
        assertThat(broken.text("/detail"))
                .contains("number 1")
                .contains("poems")
                .contains("decisions");
    }

    @Test
    void a_template_is_made_of_words_or_of_a_folios_shape() throws Exception {
        Desk.Answer described = desk.create("/api/templates/described", "{\"words\":\"weekly with risks and owners\"}");
        assertThat(headings(described.at("/sections"))).contains("Risks", "Actions");

        inkAll();
        desk.create("/api/minutes/{id}/folio", "{}", minutes);
        Desk.Answer like = desk.create("/api/folios/1/template", "{}");
        assertThat(like.text("/name")).isEqualTo("Like folio 1");
        assertThat(headings(like.at("/sections")))
                .contains("Decisions", "Actions")
                .doesNotContain("Highlights");
        assertThat(keep((ObjectNode) like.body()).status()).isEqualTo(200);
    }

    @Test
    void a_template_is_tried_on_a_meeting_without_touching_its_minutes() throws Exception {
        JsonNode before = page();
        ObjectNode facts = facts("Technical review").put("name", "Trial");
        String wish = "{\"meetingId\":\"%s\",\"template\":%s}"
                .formatted(before.at("/meeting/id").asString(), facts);

        Desk.Answer shown = desk.create("/api/templates/preview", wish);

        assertThat(shown.body().toString()).contains("Changes to make").contains("Tom Reyes to order the roller");
        assertThat(page()).isEqualTo(before);
        assertThat(otherTeam().create("/api/templates/preview", wish).status()).isEqualTo(404);
        assertThat(desk.read("/api/templates/meetings").at("/0/title").asString())
                .isEqualTo("Charging berth weekly");
    }
}
