package org.ledgerlamp.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.exchange.OldMinutes.OldLine;
import org.ledgerlamp.core.exchange.OldMinutes.Who;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.reading.Attended;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;

/** Minutes that somebody wrote as a page are read as they stand: under their day, line by line, nothing added. */
class OldMinutesReaderTest {
    private static final Roster ROSTER = new Roster(List.of(
            new Person("Ana Prokop", null, null, List.of()),
            new Person("Tom Reyes", null, null, List.of()),
            new Person("Mira Voss", null, null, List.of())));

    private static OldMinutes read(String name, String page) throws UnreadableSource {
        return OldMinutesReader.read(
                        new SourceDesk(Limits.DEFAULT).readNotes(page.getBytes(StandardCharsets.UTF_8)), ROSTER, name)
                .orElseThrow();
    }

    private static final String PAGE =
            """
            # Minutes of the berth weekly, 3 March 2026

            Present: Mira, Ana Prokop, Jens Holt (yard)
            Apologies: Tom

            ## Agenda
            1. Bollards
            2. Cable route

            ## Discussion
            The cable goes under the ramp.

            ## Decisions
            - Keep the old bollards until autumn.

            ## Action items
            - Ana: call the yard about the ramp by 10 March
            - Order paint (Tom, 20 March 2026)
            - Somebody to sweep the slip

            ## Open questions
            - Who has the key to the switch house?
            """;

    @Test
    void a_page_with_headings_gives_title_day_people_agenda_and_lines() throws UnreadableSource {
        OldMinutes minutes = read("whatever.md", PAGE);

        assertThat(minutes.title()).isEqualTo("berth weekly");
        assertThat(minutes.date()).isEqualTo("2026-03-03");
        assertThat(minutes.people())
                .containsExactly(
                        new Who("Mira Voss", Attended.PRESENT),
                        new Who("Ana Prokop", Attended.PRESENT),
                        new Who("Jens Holt", Attended.PRESENT),
                        new Who("Tom Reyes", Attended.ABSENT));
        assertThat(minutes.agenda()).containsExactly("Bollards", "Cable route");
        assertThat(minutes.lines())
                .extracting(OldLine::kind)
                .containsExactly(Kind.POINT, Kind.DECISION, Kind.ACTION, Kind.ACTION, Kind.ACTION, Kind.QUESTION);
    }

    @Test
    void an_action_has_an_owner_and_a_day_only_where_they_are_written() throws UnreadableSource {
        List<OldLine> actions = read("whatever.md", PAGE).lines().stream()
                .filter(l -> l.kind() == Kind.ACTION)
                .toList();

        assertThat(actions.get(0).text()).isEqualTo("call the yard about the ramp by 10 March");
        assertThat(actions.get(0).owner()).isEqualTo("Ana Prokop");
        assertThat(actions.get(0).due()).isEqualTo("2026-03-10");
        assertThat(actions.get(1).text()).isEqualTo("Order paint");
        assertThat(actions.get(1).owner()).isEqualTo("Tom Reyes");
        assertThat(actions.get(1).due()).isEqualTo("2026-03-20");
        assertThat(actions.get(2).owner()).isNull();
        assertThat(actions.get(2).due()).isNull();
    }

    @Test
    void each_line_knows_where_on_the_page_it_stands() throws UnreadableSource {
        OldLine decision = read("whatever.md", PAGE).lines().get(1);

        assertThat(PAGE.lines().filter(l -> !l.isBlank()).toList().get(decision.passage()))
                .contains("old bollards");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DECISIONS | Keep it.",
                "**Decisions** | * Keep it.",
                "Decisions: | 1. Keep it.",
                "Decided | Keep it.",
                "3. Decisions | - Keep it.",
                "Notes | Decision: Keep it."
            })
    void what_stands_below_is_told_by_a_heading_in_many_forms_or_by_the_line_itself(String heading, String line)
            throws UnreadableSource {
        assertThat(read("2026-03-03 Berth weekly.txt", heading + "\n" + line).lines())
                .containsExactly(new OldLine(Kind.DECISION, "Keep it.", null, null, null, 1));
    }

    @Test
    void day_and_title_come_from_the_name_where_the_page_tells_none() throws UnreadableSource {
        OldMinutes minutes = read("2025-11-17 Safety review.txt", "Decisions\nKeep it.");

        assertThat(minutes.date()).isEqualTo("2025-11-17");
        assertThat(minutes.title()).isEqualTo("Safety review");
    }

    @Test
    void a_page_that_no_heading_calls_minutes_is_none() throws UnreadableSource {
        assertThat(OldMinutesReader.read(
                        new SourceDesk(Limits.DEFAULT)
                                .readNotes("bollards - rusty\nask ana".getBytes(StandardCharsets.UTF_8)),
                        ROSTER,
                        "n.txt"))
                .isEmpty();
    }

    @Test
    void a_day_that_is_not_told_stays_open() throws UnreadableSource {
        assertThat(read("minutes.txt", "Decisions\nKeep it.").date()).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-06 weekly.md, 2026-03-06",
        "weekly_20260306.txt, 2026-03-06",
        "'Minutes, 6 March 2026', 2026-03-06",
        "'March 6, 2026', 2026-03-06",
        "6.3.2026, 2026-03-06",
        "6th of March 2026, 2026-03-06"
    })
    void whole_days_are_read_as_files_write_them(String written, LocalDate day) {
        assertThat(FileDay.of(written)).contains(day);
    }

    @ParameterizedTest
    @CsvSource({"weekly 12.md", "build 20261399", "6 March", "order 120260306"})
    void what_is_no_whole_day_is_none(String written) {
        assertThat(FileDay.of(written)).isEmpty();
    }
}
