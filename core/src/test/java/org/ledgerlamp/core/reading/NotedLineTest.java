package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.source.Mark;
import org.ledgerlamp.core.source.Shorthand;

/** What a line says while it is typed. */
class NotedLineTest {
    private static NotedLine read(String line) {
        return NotedLine.read(line, Skerry.meeting(), Shorthand.NONE);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "A: Tom ring the yard by Friday     | ACTION   | Tom Reyes  | 2026-03-06",
                "A: TR to ring the yard             | ACTION   | Tom Reyes  | -",
                "[ ] ring the yard                  | ACTION   | -          | -",
                "Ana to order the roller by Thursday| ACTION   | Ana Prokop | 2026-03-05",
                "D: keep the mobile unit by Friday  | DECISION | -          | -",
                "Q: who insures it                  | QUESTION | -          | -",
                "+ holm is live                     | HIGHLIGHT| -          | -",
                "talked about the fender            | -        | -          | -",
                "!!                                 | -        | -          | -"
            })
    void tells_its_kind_its_owner_and_its_day(String line, Kind kind, String owner, LocalDate due) {
        NotedLine read = read(line);

        assertThat(read.kind()).isEqualTo(kind);
        assertThat(read.owner() == null ? null : read.owner().name()).isEqualTo(owner);
        assertThat(read.due() == null ? null : read.due().date()).isEqualTo(due);
    }

    @Test
    void what_is_done_already_is_no_action() {
        assertThat(read("[x] ring the yard").kind()).isNull();
        assertThat(read("[x] ring the yard").mark()).contains(Mark.DONE);
    }

    @Test
    void short_forms_are_written_out_beside_it() {
        Shorthand ours = new Shorthand(Map.of("!!", Mark.RISK), Map.of("w/", "with"));

        NotedLine read = NotedLine.read("!! crane w/ a crack", Skerry.meeting(), ours);

        assertThat(read.kind()).isEqualTo(Kind.RISK);
        assertThat(read.writtenOut()).isEqualTo("crane with a crack");
    }

    @ParameterizedTest
    @CsvSource({
        "Postpone the second charger to the next meeting,true",
        "Leave the crane where it is until the survey is in,true",
        "Look at the timetable again in May,true",
        "Order the second charger,false",
        "Park the Tern at the north quay,false"
    })
    void a_decision_that_puts_off_is_told_from_one_that_settles(String decision, boolean putOff) {
        assertThat(Deferral.isSaidIn(decision)).isEqualTo(putOff);
    }
}
