package org.ledgerlamp.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A folio is about the words that come up in its lines and tell something, and about pairs of them. */
class FolioSubjectsTest {
    private static final FiledMeeting WEEKLY = SkerryLedger.meeting("w1", "2026-03-03")
            .said(
                    """
            Mira: The charging mast at Norrvik stays where it is.
            Tom: I'll measure the foundation of the charging mast this week.
            Ana: Fine.""")
            .decision("Keep the charging mast at Norrvik where it is.", "stays where it is")
            .action("Tom Reyes to measure the foundation of the charging mast.", "Tom Reyes", "measure the foundation")
            .filed();

    private static List<String> subjects() {
        return new FolioSubjects(new Vocabulary())
                .of(WEEKLY).stream().map(SubjectWord::word).toList();
    }

    @Test
    void words_that_stand_together_more_than_once_are_one_subject() {
        assertThat(subjects()).first().isEqualTo("charging mast");
    }

    @Test
    void names_of_places_keep_their_capital_and_a_capital_at_the_beginning_is_none() {
        assertThat(subjects()).contains("Norrvik", "foundation").doesNotContain("Keep");
    }

    @Test
    void who_was_there_is_no_subject() {
        assertThat(subjects()).doesNotContain("Tom", "Reyes", "tom", "reyes");
    }
}
