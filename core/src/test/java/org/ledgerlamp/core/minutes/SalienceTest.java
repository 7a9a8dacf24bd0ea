package org.ledgerlamp.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;

/** How much a line tells of what a meeting was about. */
class SalienceTest {
    private final Salience salience = new Salience(Skerry.talk(
            "Mira Voss: The fender at Skarness chafes.",
            "Tom Reyes: A roller on the fender costs four hundred.",
            "Ana Prokop: The roller pays for itself, the fender is new.",
            "Mira Voss: The kettle in the mess is broken."));

    private static Line line(String text) {
        Evidence said = new Evidence(Evidence.Origin.TALK, 0, null, "Mira Voss", 0, text.length(), text);
        return new Line(Kind.DECISION, text, null, null, null, 0, null, 0.9, List.of(), null, List.of(said));
    }

    @Test
    void is_more_where_it_names_what_came_up_again_and_again() {
        assertThat(salience.adds(line("Put a roller on the fender.")))
                .isGreaterThan(salience.adds(line("Mend the kettle in the mess.")));
    }

    @Test
    void is_nothing_once_it_was_told() {
        salience.tell(line("Put a roller on the fender."));

        assertThat(salience.adds(line("The fender gets a roller."))).isZero();
    }
}
