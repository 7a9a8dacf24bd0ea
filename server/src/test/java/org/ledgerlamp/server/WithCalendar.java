package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.StreamSupport;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.ledgerlamp.standins.CalendarPartner;
import tools.jackson.databind.JsonNode;

/** A calendar server beside the server under test, with one meeting in its calendar. */
abstract class WithCalendar extends ServerTest {
    protected static final LocalDate DAY = LocalDate.now().plusDays(3);

    protected CalendarPartner calendar;

    @BeforeEach
    void open() throws Exception {
        calendar = new CalendarPartner(0);
        calendar.put("a.ics", event("a", "Cable call", "T100000", "LOCATION:Quay\r\n"));
    }

    @AfterEach
    void close() {
        calendar.close();
    }

    protected static String event(String uid, String title, String time, String more) {
        return """
                BEGIN:VCALENDAR\r
                VERSION:2.0\r
                BEGIN:VEVENT\r
                UID:%s\r
                SUMMARY:%s\r
                DTSTART;TZID=Europe/Oslo:%s%s\r
                DURATION:PT30M\r
                %sEND:VEVENT\r
                END:VCALENDAR\r
                """
                .formatted(uid, title, DAY.toString().replace("-", ""), time, more);
    }

    protected Desk.Answer connect(String kind, String address, String secret) throws Exception {
        return desk.create(
                "/api/connections",
                "{\"kind\":\"%s\",\"name\":\"Ferries\",\"address\":\"%s\",\"username\":\"%s\",\"secret\":\"%s\"}"
                        .formatted(kind, address, CalendarPartner.USER, secret));
    }

    protected JsonNode asked(String id) {
        return Awaitility.await()
                .until(() -> connection(id), c -> !c.at("/asking").asBoolean());
    }

    protected JsonNode connection(String id) throws Exception {
        return StreamSupport.stream(desk.read("/api/connections").body().spliterator(), false)
                .filter(c -> c.at("/id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    protected String connected() throws Exception {
        String id = connect("CALDAV", calendar.calendarAddress(), CalendarPartner.PASSWORD)
                .text("/id");
        assertThat(asked(id).at("/problem").isNull()).isTrue();
        return id;
    }

    protected void askAgain(String id) throws Exception {
        desk.create("/api/connections/{id}/ask", "{}", id);
        asked(id);
    }

    protected List<JsonNode> meetings() throws Exception {
        JsonNode found = desk.read("/api/meetings?from={from}&to={to}", DAY, DAY.plusDays(30))
                .body();
        return StreamSupport.stream(found.spliterator(), false).toList().reversed();
    }

    protected JsonNode only() throws Exception {
        assertThat(meetings()).hasSize(1);
        return meetings().getFirst();
    }

    protected Desk.Answer change(JsonNode meeting, String field, String value) throws Exception {
        var facts = ((tools.jackson.databind.node.ObjectNode) meeting).deepCopy();
        facts.putArray("people");
        facts.put(field, value);
        return desk.write(
                "/api/meetings/{id}",
                meeting.at("/version").asInt(),
                facts.toString(),
                meeting.at("/id").asString());
    }
}
