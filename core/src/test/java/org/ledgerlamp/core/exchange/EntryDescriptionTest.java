package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** Minutes below the text of a calendar entry. */
class EntryDescriptionTest {
    private static final Instant NOW = Instant.parse("2026-03-04T08:00:00Z");
    private static final String SERIES =
            """
            BEGIN:VCALENDAR\r
            VERSION:2.0\r
            BEGIN:VEVENT\r
            UID:w\r
            SUMMARY:Weekly\r
            DESCRIPTION:Bring figures.\r
            DTSTART:20260303T090000Z\r
            DTEND:20260303T093000Z\r
            RRULE:FREQ=WEEKLY\r
            X-ROOM:7\r
            END:VEVENT\r
            END:VCALENDAR\r
            """;

    @Test
    void stand_below_it_and_in_place_of_those_that_stood_there_before() {
        String once = EntryDescription.withMinutes("Agenda:\n- Paint", "First");
        String twice = EntryDescription.withMinutes(once, "Second");

        assertThat(once).startsWith("Agenda:\n- Paint\n\n").endsWith("First");
        assertThat(twice).startsWith("Agenda:\n- Paint\n\n").endsWith("Second").doesNotContain("First");
        assertThat(EntryDescription.own(twice)).isEqualTo("Agenda:\n- Paint");
        assertThat(EntryDescription.withOwn(twice, "Other"))
                .startsWith("Other\n\n")
                .endsWith("Second");
    }

    @Test
    void need_no_text_to_stand_below() {
        String alone = EntryDescription.withMinutes(null, "Minutes");

        assertThat(EntryDescription.own(alone)).isNull();
        assertThat(EntryDescription.own(null)).isNull();
        assertThat(EntryDescription.own("Mere text ")).isEqualTo("Mere text ");
        assertThat(EntryDescription.withOwn("Mere text", null)).isNull();
    }

    @Test
    void of_a_series_belong_to_the_one_occurrence() {
        byte[] file = SERIES.getBytes(StandardCharsets.UTF_8);
        Instant second = Instant.parse("2026-03-10T09:00:00Z");

        byte[] once = CalendarEntryFile.withMinutes(file, "w", second, "Of the tenth", NOW);
        String twice = new String(
                CalendarEntryFile.withMinutes(once, "w", second, "Of the tenth, revised", NOW), StandardCharsets.UTF_8);

        assertThat(twice.split("BEGIN:VEVENT", -1)).hasSize(3);
        assertThat(twice).containsOnlyOnce("RRULE").containsOnlyOnce("RECURRENCE-ID:20260310T090000Z");
        String series = twice.substring(twice.indexOf("BEGIN:VEVENT"), twice.indexOf("END:VEVENT"));
        String tenth = twice.substring(twice.lastIndexOf("BEGIN:VEVENT"));
        assertThat(series).contains("DESCRIPTION:Bring figures.\r\n");
        assertThat(tenth)
                .contains("DTSTART:20260310T090000Z", "DTEND:20260310T093000Z", "X-ROOM:7")
                .contains("revised");
    }
}
