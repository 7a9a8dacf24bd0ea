package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Line;

/** What notes alone yield. */
class NotesReadingTest {
    private static Draft draft(String... notes) {
        return Skerry.draft(Skerry.notes(notes), null, Skerry.meeting());
    }

    private static List<String> present(Draft draft, boolean present) {
        return draft.reading().attendance().stream()
                .filter(p -> p.present() == present)
                .map(Presence::name)
                .toList();
    }

    @Test
    void a_line_that_lists_who_is_there_tells_attendance_by_names_and_initials() {
        Draft draft = draft("here: MV, Tom, Ana - apols Joss", "Holm is late");

        assertThat(present(draft, true)).containsExactlyInAnyOrder("Mira Voss", "Tom Reyes", "Ana Prokop");
        assertThat(present(draft, false)).containsExactly("Joss Lindqvist");
    }

    @Test
    void without_such_a_line_the_invited_are_taken_to_have_been_there() {
        assertThat(present(draft("Holm is late"), true))
                .containsExactlyInAnyOrder("Mira Voss", "Tom Reyes", "Ana Prokop", "Joss Lindqvist");
    }

    @Test
    void a_mark_decides_whatever_the_words_look_like() {
        Draft draft =
                draft("D: Tom will ring the yard", "Q: we agreed on the roller", "R: good news", "+ lost a sailing");

        assertThat(draft.lines().stream().filter(l -> l.kind() != Kind.POINT).map(Line::kind))
                .containsExactly(Kind.DECISION, Kind.QUESTION, Kind.RISK, Kind.HIGHLIGHT);
    }

    @Test
    void an_action_has_the_owner_and_the_date_that_stand_in_its_line() {
        List<Line> actions = Skerry.lines(
                draft(
                        "A: AP send drawings to the council by Thu",
                        "A: someone to water the plants",
                        "[ ] TR cable, 12 March"),
                Kind.ACTION);

        assertThat(actions).extracting(Line::owner).containsExactly("Ana Prokop", null, "Tom Reyes");
        assertThat(actions)
                .extracting(Line::due)
                .containsExactly(LocalDate.of(2026, 3, 5), null, LocalDate.of(2026, 3, 12));
    }

    @Test
    void what_is_ticked_off_is_no_action() {
        assertThat(Skerry.lines(draft("[x] Tom rang the yard", "[ ] Tom to ring the school"), Kind.ACTION))
                .singleElement()
                .satisfies(a -> assertThat(a.text()).contains("school"));
    }

    @Test
    void evidence_is_the_note_as_typed() {
        Line decision = Skerry.lines(draft("HOLM", "  - D: keep the *mobile* unit"), Kind.DECISION)
                .getFirst();

        assertThat(decision.evidence().getFirst().quote()).isEqualTo("keep the *mobile* unit");
        assertThat(decision.evidence().getFirst().utterance()).isEqualTo(1);
    }
}
