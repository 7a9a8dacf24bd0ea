package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.people.Person;

class CalendarEntryFileTest {
    private static final Instant NOW = Instant.parse("2026-03-02T09:00:00Z");
    private static final ZoneId OSLO = ZoneId.of("Europe/Oslo");
    private static final Person MIRA = new Person("Mira Voss", null, "mira@skerry.example", List.of());
    private static final Person TOM = new Person("Tom Reyes", null, "tom@skerry.example", List.of());
    private static final Person JOSS = new Person("Joss Lindqvist", null, null, List.of());

    private static CalendarEntryFile.Entry entry(String title, ZonedDateTime start, Person... invited) {
        return new CalendarEntryFile.Entry(
                "m-1",
                title,
                start,
                45,
                MIRA,
                List.of(invited),
                "Bring the \"paint\" list;\nand, please, boots.",
                "Boat hall",
                "https://call.skerry.example/x",
                "Yard",
                false);
    }

    private static ZonedDateTime at(String local, ZoneId zone) {
        return LocalDateTime.parse(local).atZone(zone);
    }

    private static String text(byte[] file) {
        return new String(file, StandardCharsets.UTF_8);
    }

    private static Invitation readBack(byte[] file) {
        return InvitationFile.all(file, ZoneId.of("Asia/Tokyo"), LocalDate.of(2026, 1, 1), LocalDate.of(2027, 1, 1))
                .getFirst();
    }

    @Test
    void what_is_written_is_read_back() {
        Invitation read =
                readBack(CalendarEntryFile.begun(entry("Yard call", at("2026-03-05T10:30", OSLO), TOM, JOSS), NOW));

        assertThat(read.uid()).isEqualTo("m-1");
        assertThat(read.title()).isEqualTo("Yard call");
        assertThat(read.start()).isEqualTo(at("2026-03-05T10:30", OSLO));
        assertThat(read.length()).isEqualTo(Duration.ofMinutes(45));
        assertThat(read.description()).isEqualTo("Bring the \"paint\" list;\nand, please, boots.");
        assertThat(read.location()).isEqualTo("Boat hall");
        assertThat(read.link()).isEqualTo("https://call.skerry.example/x");
        assertThat(read.label()).isEqualTo("Yard");
        assertThat(read.organiser()).isEqualTo(MIRA);
        assertThat(read.invited()).containsExactly(MIRA, TOM, JOSS);
        assertThat(read.cancelled()).isFalse();
        assertThat(read.occurrence()).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-05T10:30, Europe/Oslo",
        "2026-07-05T10:30, Europe/Oslo",
        "2026-07-05T10:30, America/St_Johns",
        "2026-03-05T10:30, Asia/Kolkata",
        "2026-03-05T10:30, UTC",
        "2026-03-29T03:30, Europe/Oslo",
    })
    void the_zone_is_defined_in_the_file_and_gives_the_hour_meant(String local, String zone) {
        ZonedDateTime start = at(local, ZoneId.of(zone));
        byte[] file = CalendarEntryFile.begun(entry("Call", start), NOW);

        assertThat(readBack(file).start().toInstant()).isEqualTo(start.toInstant());
        assertThat(readBack(file).start().toLocalDateTime()).isEqualTo(start.toLocalDateTime());
        if (!zone.equals("UTC")) {
            assertThat(text(file)).contains("BEGIN:VTIMEZONE", "TZID:" + zone);
        }
    }

    @Test
    void what_others_wrote_into_the_entry_stays() {
        String there = text(CalendarEntryFile.begun(entry("Yard call", at("2026-03-05T10:30", OSLO), TOM, JOSS), NOW))
                .replaceFirst("(ATTENDEE;[^\\r]*)NEEDS-ACTION([^\\r]*(?:\\r\\n )?[^\\r]*tom@)", "$1ACCEPTED$2")
                .replace(
                        "END:VEVENT",
                        "X-BERTH:7\r\nBEGIN:VALARM\r\nACTION:DISPLAY\r\nTRIGGER:-PT10M\r\nEND:VALARM\r\nEND:VEVENT");
        String changed = text(CalendarEntryFile.changed(
                there.getBytes(StandardCharsets.UTF_8),
                entry("Yard call, Gannet", at("2026-03-06T11:00", OSLO), TOM),
                NOW));

        assertThat(changed).contains("X-BERTH:7", "TRIGGER:-PT10M", "PARTSTAT=ACCEPTED", "SEQUENCE:1");
        assertThat(changed).doesNotContain("Joss", "DTEND");
        assertThat(readBack(changed.getBytes(StandardCharsets.UTF_8)).title()).isEqualTo("Yard call, Gannet");
        assertThat(readBack(changed.getBytes(StandardCharsets.UTF_8)).start()).isEqualTo(at("2026-03-06T11:00", OSLO));
    }

    @Test
    void a_cancelled_meeting_is_cancelled_and_takes_place_again() {
        CalendarEntryFile.Entry on = entry("Yard call", at("2026-03-05T10:30", OSLO));
        CalendarEntryFile.Entry off = new CalendarEntryFile.Entry(
                "m-1", "Yard call", on.start(), null, MIRA, List.of(), null, null, null, null, true);
        byte[] cancelled = CalendarEntryFile.changed(CalendarEntryFile.begun(on, NOW), off, NOW);
        Invitation read = readBack(cancelled);

        assertThat(read.cancelled()).isTrue();
        assertThat(read.length()).isNull();
        assertThat(read.link()).isNull();
        assertThat(read.label()).isNull();
        assertThat(read.description()).isNull();
        assertThat(readBack(CalendarEntryFile.changed(cancelled, on, NOW)).cancelled())
                .isFalse();
    }

    @Test
    void another_file_is_not_written_over() {
        byte[] file = CalendarEntryFile.begun(entry("Yard call", at("2026-03-05T10:30", OSLO)), NOW);
        CalendarEntryFile.Entry other = new CalendarEntryFile.Entry(
                "m-2", "Other", at("2026-03-05T10:30", OSLO), 30, MIRA, List.of(), null, null, null, null, false);

        assertThatThrownBy(() -> CalendarEntryFile.changed(file, other, NOW)).hasMessageContaining("m-2");
        assertThatThrownBy(() -> CalendarEntryFile.changed("no calendar".getBytes(StandardCharsets.UTF_8), other, NOW))
                .hasMessageContaining("BEGIN:VCALENDAR");
    }
}
