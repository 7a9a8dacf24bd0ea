package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ledgerlamp.core.ledger.SaidFigure.Kind;

class FiguresTest {
    @ParameterizedTest
    @CsvSource({
        "What does the second charger cost?,MONEY NUMBER SHARE",
        "how much did we pay for the racks,MONEY NUMBER SHARE",
        "How much does the yard crane lift?,MONEY SHARE DURATION MEASURE NUMBER",
        "when did the opening date move,DATE",
        "how many deckhands are trained,MONEY SHARE DURATION MEASURE COUNT NUMBER",
    })
    void a_question_tells_which_figures_may_answer_it(String question, String kinds) {
        assertThat(Figures.wanted(question))
                .isEqualTo(Arrays.stream(kinds.split(" "))
                        .map(Kind::valueOf)
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Kind.class))));
    }
}
