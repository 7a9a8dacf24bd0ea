package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.standins.CalendarPartner;
import tools.jackson.databind.JsonNode;

/** Meetings made here stand in a member's calendar, and nothing changed there is lost. */
class CalendarWritingTest extends WithCalendar {
    private String connection;
    private String meeting;

    @BeforeEach
    void inTheCalendar() throws Exception {
        connection = connected();
        meeting = made("Yard talk");
    }

    private String made(String title) throws Exception {
        return desk.create(
                        "/api/meetings",
                        """
                        {"title":"%s","date":"%s","start":"09:30","zone":"Europe/Lisbon","plannedMinutes":40,"agenda":["paint"],
                         "people":["%s"],"guests":[{"name":"Nils Farrow","email":"nils@brae-yard.example"}],
                         "location":"Yard","description":"Bring boots","label":"Gannet"}
                        """
                                .formatted(title, DAY, desk.person("Tom Reyes")))
                .text("/id");
    }

    private JsonNode putInto() throws Exception {
        Desk.Answer put =
                desk.create("/api/meetings/{id}/calendars", "{\"connectionId\":\"" + connection + "\"}", meeting);
        assertThat(put.status()).isEqualTo(200);
        return written();
    }

    private JsonNode standing() throws Exception {
        return desk.read("/api/meetings/{id}/calendars", meeting).body().path(0);
    }

    private JsonNode written() {
        asked(connection);
        return Awaitility.await().until(this::standing, s -> !s.at("/waiting").asBoolean());
    }

    private String file() {
        return calendar.file(meeting + ".ics").replace("\r\n ", "");
    }

    private JsonNode meeting() throws Exception {
        return desk.read("/api/meetings/{id}", meeting).body();
    }

    private void changeHere(String field, String value) throws Exception {
        assertThat(change(meeting(), field, value).status()).isEqualTo(200);
        written();
    }

    private void changeThere(String from, String to) {
        String before = calendar.file(meeting + ".ics");
        assertThat(before).contains(from);
        calendar.put(meeting + ".ics", before.replace(from, to));
    }

    @Test
    void a_meeting_made_here_is_written_with_all_a_calendar_carries() throws Exception {
        JsonNode standing = putInto();

        assertThat(standing.at("/madeHere").asBoolean()).isTrue();
        assertThat(standing.at("/writtenAt").isNull()).isFalse();
        assertThat(file())
                .contains(
                        "SUMMARY:Yard talk",
                        "DTSTART;TZID=Europe/Lisbon:" + DAY.toString().replace("-", "") + "T093000",
                        "BEGIN:VTIMEZONE",
                        "LOCATION:Yard",
                        "DESCRIPTION:Bring boots",
                        "CATEGORIES:Gannet",
                        "CN=Nils Farrow",
                        "mailto:nils@brae-yard.example",
                        "CN=Tom Reyes",
                        "ORGANIZER;CN=" + desk.who().name());
        askAgain(connection);
        assertThat(meeting().at("/agenda/0").asString()).isEqualTo("paint");
        assertThat(meeting().at("/series").isNull()).isTrue();
        assertThat(meetings()).as("it is not taken over a second time").hasSize(2);
    }

    @Test
    void what_changes_here_changes_there_and_the_other_way_round() throws Exception {
        putInto();
        changeHere("location", "Boat hall");
        assertThat(file()).contains("LOCATION:Boat hall", "SEQUENCE:1");

        changeThere("SUMMARY:Yard talk", "SUMMARY:Yard talk\\, Gannet");
        askAgain(connection);
        assertThat(meeting().at("/title").asString()).isEqualTo("Yard talk, Gannet");
        assertThat(meeting().at("/location").asString()).isEqualTo("Boat hall");
        assertThat(standing().at("/clashes")).isEmpty();
    }

    @Test
    void two_things_changed_on_two_sides_both_stand() throws Exception {
        putInto();
        changeThere("SUMMARY:Yard talk", "X-BERTH:7\r\nSUMMARY:Paint talk");
        changeHere("location", "Boat hall");

        assertThat(file()).contains("SUMMARY:Paint talk", "LOCATION:Boat hall", "X-BERTH:7");
        assertThat(meeting().at("/title").asString()).isEqualTo("Paint talk");
        assertThat(meeting().at("/location").asString()).isEqualTo("Boat hall");
    }

    @Test
    void the_same_changed_on_two_sides_stands_as_typed_here_until_somebody_takes_the_other() throws Exception {
        putInto();
        changeThere("LOCATION:Yard", "LOCATION:Quay");
        changeHere("location", "Boat hall");

        assertThat(file()).contains("LOCATION:Boat hall");
        JsonNode clash = standing().at("/clashes/0");
        assertThat(clash.at("/what").asString()).isEqualTo("PLACE");
        assertThat(clash.at("/here").asString()).isEqualTo("Boat hall");
        assertThat(clash.at("/there").asString()).isEqualTo("Quay");

        desk.send("PUT", "/api/meetings/" + meeting + "/calendars/settled", "{\"theirs\":[\"PLACE\"]}");
        assertThat(written().at("/clashes")).isEmpty();
        assertThat(meeting().at("/location").asString()).isEqualTo("Quay");
        assertThat(file()).contains("LOCATION:Quay");
    }

    @Test
    void a_meeting_called_off_here_is_cancelled_there_and_one_deleted_there_is_called_off_here() throws Exception {
        putInto();
        desk.send("PUT", "/api/meetings/" + meeting + "/off", "{\"off\":true}");
        written();
        assertThat(file()).contains("STATUS:CANCELLED");
        desk.send("PUT", "/api/meetings/" + meeting + "/off", "{\"off\":false}");
        written();
        assertThat(file()).contains("STATUS:CONFIRMED");

        calendar.remove(meeting + ".ics");
        askAgain(connection);
        assertThat(meeting().at("/calledOff").asBoolean()).isTrue();
        assertThat(calendar.names()).containsExactly("a.ics");
    }

    @Test
    void a_server_that_is_gone_is_said_and_written_to_when_it_is_back() throws Exception {
        int port = java.net.URI.create(calendar.address()).getPort();
        calendar.close();
        desk.create("/api/meetings/{id}/calendars", "{\"connectionId\":\"" + connection + "\"}", meeting);
        asked(connection);
        assertThat(standing().at("/waiting").asBoolean()).isTrue();
        assertThat(standing().at("/problem").asString()).contains("cannot be reached");

        calendar = new CalendarPartner(port);
        askAgain(connection);
        assertThat(standing().at("/waiting").asBoolean()).isFalse();
        assertThat(standing().at("/problem").isNull()).isTrue();
        assertThat(file()).contains("SUMMARY:Yard talk");
    }

    @Test
    void a_meeting_stands_in_one_calendar_of_ones_own_that_can_be_written() throws Exception {
        String feed = connect("FEED", calendar.feedAddress(), "").text("/id");
        String body = "{\"connectionId\":\"%s\"}";
        assertThat(desk.create("/api/meetings/{id}/calendars", body.formatted(feed), meeting)
                        .status())
                .isEqualTo(400);
        assertThat(colleague("Ana Prokop")
                        .create("/api/meetings/{id}/calendars", body.formatted(connection), meeting)
                        .status())
                .isEqualTo(404);
        putInto();
        assertThat(desk.create("/api/meetings/{id}/calendars", body.formatted(connection), meeting)
                        .status())
                .isEqualTo(409);
        String untimed = desk.create(
                        "/api/meetings",
                        "{\"title\":\"No hour\",\"date\":\"%s\",\"zone\":\"UTC\",\"agenda\":[],\"people\":[]}"
                                .formatted(DAY))
                .text("/id");
        assertThat(desk.create("/api/meetings/{id}/calendars", body.formatted(connection), untimed)
                        .text("/detail"))
                .contains("when the meeting begins");
    }

    private void circulate() throws Exception {
        desk.create(
                "/api/folios/1/circulation",
                "{\"form\":\"TEXT\",\"outside\":false,\"to\":[{\"recipient\":{\"name\":\"Tom\",\"address\":\"tom@skerry.example\"},\"part\":\"WHOLE\"}]}");
        asked(connection);
    }

    private String fileMinutes(String meetingId, String words) throws Exception {
        String source = desk.drop("talk.txt", "Tom Reyes: " + words + "\n").text("/0/source/id");
        desk.place(source, meetingId);
        Desk.Answer draft = desk.draft(meetingId);
        String id = draft.text("/id");
        for (JsonNode line : draft.at("/lines")) {
            desk.write(
                    "/api/lines/{id}",
                    line.at("/version").asInt(),
                    "{\"kind\":\"%s\",\"text\":\"%s\",\"state\":\"INK\"}"
                            .formatted(line.at("/kind").asString(), words),
                    line.at("/id").asString());
        }
        desk.create("/api/minutes/{id}/folio", "{}", id);
        return id;
    }

    private static String unfolded(String file) {
        return file.replace("\r\n ", "");
    }

    @Test
    void circulated_minutes_stand_below_the_entrys_own_text_once_and_a_revision_takes_their_place() throws Exception {
        calendar.put("b.ics", event("b", "Quay call", "T120000", "DESCRIPTION:Bring the plan.\r\nX-OTHER:kept\r\n"));
        askAgain(connection);
        JsonNode followed = meetings().stream()
                .filter(m -> m.at("/title").asString().equals("Quay call"))
                .findFirst()
                .orElseThrow();
        String draft = fileMinutes(followed.at("/id").asString(), "We agreed to weld the ramp");
        circulate();
        Awaitility.await().until(() -> calendar.file("b.ics"), f -> f.contains("Minutes"));

        assertThat(unfolded(calendar.file("b.ics")))
                .contains("DESCRIPTION:Bring the plan.\\n\\n~~~ Minutes")
                .contains("weld the ramp")
                .contains("X-OTHER:kept");

        JsonNode line = desk.read("/api/minutes/{id}", draft).at("/lines/0");
        desk.write(
                "/api/lines/{id}",
                line.at("/version").asInt(),
                "{\"kind\":\"%s\",\"text\":\"Paint the ramp after all\",\"state\":\"INK\"}"
                        .formatted(line.at("/kind").asString()),
                line.at("/id").asString());
        circulate();
        Awaitility.await().until(() -> calendar.file("b.ics"), f -> unfolded(f).contains("Paint the ramp"));

        assertThat(unfolded(calendar.file("b.ics")).split("~~~ Minutes", -1)).hasSize(2);
        askAgain(connection);
        JsonNode after =
                desk.read("/api/meetings/{id}", followed.at("/id").asString()).body();
        assertThat(after.at("/description").asString()).isEqualTo("Bring the plan.");
    }

    @Test
    void minutes_below_an_entry_made_here_outlast_its_changes() throws Exception {
        putInto();
        fileMinutes(meeting, "We agreed to weld the ramp");
        circulate();
        Awaitility.await().until(this::file, f -> f.contains("~~~ Minutes"));

        changeHere("location", "The other quay");

        assertThat(file())
                .contains("LOCATION:The other quay")
                .contains("~~~ Minutes")
                .contains("weld the ramp");
    }
}
