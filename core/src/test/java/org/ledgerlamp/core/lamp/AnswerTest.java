package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class AnswerTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Wanted WANTED = new QuestionReader(List.of()).read("what is overdue?", TODAY);

    private static Statement recorded(int n) {
        return new Statement(
                null, "due 3 March", "Order rope " + n + ".", false, List.of(new Citation("m", "m." + n, n, "rope")));
    }

    private static Answer of(boolean answered, int lines) {
        return new Answer(
                TODAY,
                WANTED,
                answered,
                IntStream.rangeClosed(1, lines).mapToObj(AnswerTest::recorded).toList());
    }

    @Test
    void a_long_list_is_told_in_part_and_the_rest_counted_in_plain_words() {
        assertThat(of(true, 8).text()).startsWith("due 3 March: Order rope 1.").endsWith("Order rope 6. And 2 more.");
        assertThat(of(true, 8).statements()).hasSize(8);
        assertThat(of(true, 6).text()).doesNotContain("more");
    }

    @Test
    void what_the_ledger_does_not_say_has_no_words() {
        assertThat(of(false, 2).text()).isEmpty();
        assertThat(of(false, 2).citations()).hasSize(2);
    }
}
