package org.ledgerlamp.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.ledgerlamp.core.reading.WhoAndWhenTest.ANA;
import static org.ledgerlamp.core.reading.WhoAndWhenTest.MIRA;
import static org.ledgerlamp.core.reading.WhoAndWhenTest.TOM;
import static org.ledgerlamp.core.reading.WhoAndWhenTest.talk;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.Skerry;
import org.ledgerlamp.core.minutes.Line;

/** Several deeds told in one breath, and what only sounds like a deed. */
class OneBreathTest {
    @Nested
    class InOneBreath {
        private List<String> deeds(String sentence) {
            Talk talk = talk(List.of(MIRA, TOM, ANA), "Mira Voss: " + sentence, "Tom Reyes: Yes.", "Mira Voss: Good.");
            return DeedList.of(talk.sentences().getFirst()).stream()
                    .map(d -> d.words() + " = " + d.due().date())
                    .toList();
        }

        @Test
        void two_deeds_with_two_days_are_two() {
            assertThat(deeds("Tom, the analysis Wednesday and the build next Thursday."))
                    .containsExactly("the analysis Wednesday = 2026-03-04", "the build next Thursday = 2026-03-12");
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "Tom, I'm off Thursday and Friday.",
                    "Tom, the analysis Wednesday.",
                    "The analysis is due Wednesday and the build next Thursday.",
                    "Tom, the analysis Wednesday, Ana, the build next Thursday.",
                    "Tom, is the analysis Wednesday and the build Thursday?"
                })
        void anything_else_is_one(String sentence) {
            assertThat(deeds(sentence)).isEmpty();
        }

        @Test
        void promises_for_different_days_are_different_promises() {
            assertThat(Skerry.lines(
                            Kind.ACTION,
                            "Ana Prokop: I'll book the crane tomorrow. And I'll email the crews by Friday.",
                            "Mira Voss: Thank you."))
                    .extracting(Line::due)
                    .containsExactly(LocalDate.of(2026, 3, 4), LocalDate.of(2026, 3, 6));
        }
    }

    @Nested
    class RuledOut {
        private boolean isRuledOut(Kind kind, String... lines) {
            List<String> all = new ArrayList<>(List.of(lines));
            all.add("Ana Prokop: Next.");
            Talk talk = talk(List.of(MIRA, TOM, ANA), all.toArray(String[]::new));
            return SpeaksAgainst.it(kind, talk.sentences().getFirst(), talk);
        }

        @Test
        void a_request_that_is_refused() {
            assertThat(isRuledOut(
                            Kind.ACTION,
                            "Mira Voss: Tom, would you read through the spec?",
                            "Tom Reyes: Honestly, no."))
                    .isTrue();
            assertThat(isRuledOut(
                            Kind.ACTION,
                            "Mira Voss: Tom, would you read through the spec?",
                            "Tom Reyes: No, well, go on, I'll read it tonight."))
                    .isFalse();
        }

        @Test
        void a_habit_and_what_was_settled_long_ago() {
            assertThat(isRuledOut(Kind.ACTION, "Tom Reyes: I send them in every Friday.", "Mira Voss: Good."))
                    .isTrue();
            assertThat(isRuledOut(Kind.ACTION, "Tom Reyes: I'll send them every Friday.", "Mira Voss: Good."))
                    .isFalse();
            assertThat(isRuledOut(Kind.DECISION, "Tom Reyes: In January they decided no.", "Mira Voss: Right."))
                    .isTrue();
        }
    }
}
