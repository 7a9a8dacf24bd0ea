package org.ledgerlamp.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.server.common.Secrets;
import org.ledgerlamp.standins.CalendarPartner;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;

/** Calendars: what stands in one stands on the day sheet, and what a person changed about it stays. */
class CalendarTest extends WithCalendar {
    @Autowired
    private DataSource database;

    @Autowired
    private Secrets secrets;

    @Value("${lamp.data}")
    private Path data;

    @Test
    void a_caldav_collection_and_a_feed_bring_the_same_meeting() throws Exception {
        connected();
        assertThat(only().at("/title").asString()).isEqualTo("Cable call");
        assertThat(only().at("/start").asString()).startsWith("10:00");
        assertThat(only().at("/zone").asString()).isEqualTo("Europe/Oslo");
        assertThat(only().at("/plannedMinutes").asInt()).isEqualTo(30);

        String feed = connect("FEED", calendar.feedAddress(), "").text("/id");
        assertThat(asked(feed).at("/problem").isNull()).isTrue();
        assertThat(only().at("/location").asString()).isEqualTo("Quay");
    }

    @Test
    void the_calendars_of_a_server_are_found_from_its_address() throws Exception {
        Desk.Answer offered = desk.create(
                "/api/connections/offered",
                "{\"address\":\"%s\",\"username\":\"%s\",\"secret\":\"%s\"}"
                        .formatted(calendar.address(), CalendarPartner.USER, CalendarPartner.PASSWORD));

        assertThat(offered.body()).hasSize(1);
        assertThat(offered.text("/0/name")).isEqualTo("Ferries");
        assertThat(offered.text("/0/address")).isEqualTo(calendar.calendarAddress());
    }

    @Test
    void what_changes_in_the_calendar_changes_here_but_for_what_a_person_changed() throws Exception {
        String id = connected();
        change(only(), "title", "Cable call, Gannet");
        calendar.put("a.ics", event("a", "Cable talk", "T113000", "LOCATION:Boat hall\r\n"));
        askAgain(id);

        assertThat(only().at("/title").asString()).isEqualTo("Cable call, Gannet");
        assertThat(only().at("/start").asString()).startsWith("11:30");
        assertThat(only().at("/location").asString()).isEqualTo("Boat hall");
    }

    @Test
    void a_series_is_expanded_a_moved_occurrence_moved_and_an_excepted_one_left_out() throws Exception {
        String day = DAY.toString().replace("-", "");
        String second = DAY.plusWeeks(1).toString().replace("-", "");
        String third = DAY.plusWeeks(2).toString().replace("-", "");
        String moved = DAY.plusWeeks(1).plusDays(1).toString().replace("-", "");
        calendar.put(
                "a.ics",
                """
                BEGIN:VCALENDAR\r
                VERSION:2.0\r
                BEGIN:VEVENT\r
                UID:w\r
                SUMMARY:Weekly\r
                DTSTART;TZID=Europe/Oslo:%sT100000\r
                RRULE:FREQ=WEEKLY;COUNT=4\r
                EXDATE;TZID=Europe/Oslo:%sT100000\r
                END:VEVENT\r
                BEGIN:VEVENT\r
                UID:w\r
                SUMMARY:Weekly\r
                RECURRENCE-ID;TZID=Europe/Oslo:%sT100000\r
                DTSTART;TZID=Europe/Oslo:%sT140000\r
                END:VEVENT\r
                END:VCALENDAR\r
                """
                        .formatted(day, third, second, moved));
        connected();

        assertThat(meetings())
                .extracting(m -> m.at("/date").asString() + " "
                        + m.at("/start").asString().substring(0, 5))
                .containsExactly(DAY + " 10:00", DAY.plusWeeks(1).plusDays(1) + " 14:00", DAY.plusWeeks(3) + " 10:00");
        assertThat(meetings()).allMatch(m -> m.at("/series").asString().equals("Weekly"));
        assertThat(meetings().getFirst().at("/nextMeeting").asString())
                .isEqualTo(DAY.plusWeeks(1).plusDays(1).toString());
    }

    @Test
    void a_cancelled_or_vanished_entry_is_called_off_and_comes_back() throws Exception {
        String id = connected();
        calendar.put("a.ics", event("a", "Cable call", "T100000", "STATUS:CANCELLED\r\n"));
        askAgain(id);
        assertThat(only().at("/calledOff").asBoolean()).isTrue();

        calendar.put("a.ics", event("a", "Cable call", "T100000", ""));
        askAgain(id);
        assertThat(only().at("/calledOff").asBoolean()).isFalse();

        calendar.remove("a.ics");
        askAgain(id);
        assertThat(only().at("/calledOff").asBoolean()).isTrue();
    }

    @Test
    void a_meeting_that_is_here_already_is_not_made_twice() throws Exception {
        desk.create(
                "/api/meetings",
                "{\"title\":\"Cable Call\",\"date\":\"%s\",\"start\":\"10:00\",\"zone\":\"Europe/Oslo\",\"agenda\":[],\"people\":[]}"
                        .formatted(DAY));
        connected();

        assertThat(only().at("/location").asString()).isEqualTo("Quay");
        assertThat(only().at("/title").asString()).isEqualTo("Cable Call");
    }

    @Test
    void invited_people_are_found_on_the_roster_and_the_others_named() throws Exception {
        String ana = desk.create(
                        "/api/people", "{\"name\":\"Ana Prokop\",\"email\":\"ana@skerry.example\",\"aliases\":[]}")
                .text("/id");
        calendar.put(
                "a.ics",
                event(
                        "a",
                        "Cable call",
                        "T100000",
                        "ATTENDEE;CN=A. Prokop:mailto:ana@skerry.example\r\nATTENDEE;CN=Elin Strand:mailto:elin@county.example\r\n"
                                + "DESCRIPTION:Agenda:\\n1. Cable (10 min)\\n2. Pier\r\n"));
        connected();

        assertThat(only().at("/people/0/id").asString()).isEqualTo(ana);
        assertThat(only().at("/people")).hasSize(1);
        assertThat(only().at("/guests/0/name").asString()).isEqualTo("Elin Strand");
        assertThat(only().at("/agenda/0").asString()).isEqualTo("Cable");
        assertThat(only().at("/agenda/1").asString()).isEqualTo("Pier");
    }

    @Test
    void a_server_that_does_not_answer_is_said_and_what_was_known_stays() throws Exception {
        String id = connected();
        calendar.close();
        askAgain(id);

        assertThat(connection(id).at("/problem").asString()).contains("cannot be reached");
        assertThat(connection(id).at("/reachedAt").isNull()).isFalse();
        only();
    }

    @Test
    void a_wrong_password_and_a_file_that_is_no_calendar_are_said() throws Exception {
        String wrong = connect("CALDAV", calendar.calendarAddress(), "wrong").text("/id");
        assertThat(asked(wrong).at("/problem").asString()).contains("name and password do not fit");

        calendar.put("a.ics", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:nonsense\r\n");
        String broken = connect(
                        "FEED", calendar.address() + "calendars/mira/ferries/nothing.ics", CalendarPartner.PASSWORD)
                .text("/id");
        assertThat(asked(broken).at("/problem").asString()).contains("No calendar answers there");
    }

    @Test
    void the_secret_is_encrypted_and_never_given_back() throws Exception {
        String id = connected();

        byte[] kept = new JdbcTemplate(database)
                .queryForObject("select secret from calendar_connection where id = ?", byte[].class, id);
        assertThat(new String(kept, java.nio.charset.StandardCharsets.ISO_8859_1))
                .doesNotContain(CalendarPartner.PASSWORD);
        assertThat(secrets.told(kept)).isEqualTo(CalendarPartner.PASSWORD);
        assertThat(Files.getPosixFilePermissions(data.resolve("secrets.key"))).hasSize(2);
        assertThat(connection(id).toString()).doesNotContain(CalendarPartner.PASSWORD);
    }

    @Test
    void a_connection_is_its_members_own() throws Exception {
        String id = connected();
        Desk ana = colleague("Ana Prokop");

        assertThat(ana.read("/api/connections").body()).isEmpty();
        assertThat(ana.remove("/api/connections/{id}", id).status()).isEqualTo(404);
        assertThat(desk.remove("/api/connections/{id}", id).status()).isEqualTo(204);
        only();
    }

    @Test
    void a_dropped_invitation_does_the_same_and_one_sent_anew_changes_its_meeting() throws Exception {
        String meeting = desk.invitation("call.ics", event("a", "Cable call", "T100000", ""))
                .text("/meetings/0");
        desk.invitation(
                "mail.eml",
                "From: nils@brae-yard.example\r\nSubject: Moved\r\nMIME-Version: 1.0\r\nContent-Type: text/calendar; method=REQUEST\r\n\r\n"
                        + event("a", "Cable call", "T153000", ""));

        assertThat(only().at("/id").asString()).isEqualTo(meeting);
        assertThat(only().at("/start").asString()).startsWith("15:30");
        assertThat(desk.read("/api/connections").body()).isEmpty();
    }

    @Test
    void a_dropped_file_without_an_invitation_is_refused_and_kept() throws Exception {
        Desk.Answer refused = desk.invitation("note.ics", "no calendar at all");

        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text("/detail")).contains("note.ics", "BEGIN:VCALENDAR", "kept as it came");
        assertThat(new JdbcTemplate(database)
                        .queryForObject(
                                "select count(*) from dropped_invitation where team_id = ?",
                                Integer.class,
                                desk.who().teamId().toString()))
                .isEqualTo(1);
    }

    @Test
    void an_address_that_is_none_is_refused() throws Exception {
        assertThat(connect("FEED", "file:///etc/passwd", "").status()).isEqualTo(400);
        assertThat(connect("FEED", "not an address", "").status()).isEqualTo(400);
    }
}
