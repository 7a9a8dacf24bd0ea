package org.ledgerlamp.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class WrittenDayTest {
    @Test
    void a_day_is_written_with_weekday_and_year_and_without_a_leading_nought() {
        assertThat(WrittenDay.of(LocalDate.of(2026, 3, 6))).isEqualTo("Fri 6 Mar 2026");
        assertThat(WrittenDay.of(LocalDate.of(2026, 12, 31))).isEqualTo("Thu 31 Dec 2026");
    }
}
