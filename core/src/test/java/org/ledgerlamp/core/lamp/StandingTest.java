package org.ledgerlamp.core.lamp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Kind;

class StandingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 2);
    private static final String NAMED =
            """
            [00:00:03] Mira Voss: The rate for bicycles on the %1$s boat.
            [00:00:09] Tom Reyes: Agreed then, we let bicycles go for %2$s on the %1$s boat.
            [00:00:15] Ana Prokop: Fine with me.
            """;

    private static LampMeeting march;
    private static LampMeeting june;
    private static LampMeeting october;

    @BeforeAll
    static void meetings() throws Exception {
        march = TestMeeting.of("03", "Steering group", "2026-03-02", NAMED.formatted("early", "two euros"));
        june = TestMeeting.of("06", "Steering group", "2026-06-01", NAMED.formatted("early", "three euros"));
        october = TestMeeting.of("10", "Steering group", "2026-10-05", NAMED.formatted("early", "nothing"));
    }

    private static FiledLine decision(LampMeeting meeting) {
        return meeting.filed().lines().stream()
                .filter(l -> l.kind() == Kind.DECISION)
                .findFirst()
                .orElseThrow();
    }

    /** What is told of the decision of March in a ledger that knows what was changed by what. */
    private static List<Statement> told(String question, Map<LampMeeting, LampMeeting> changedBy) {
        LedgerView ledger = new Unlinked(new HeldLedger(List.of(march, june, october))) {
            @Override
            public Optional<Change> changed(String meeting, String line) {
                return changedBy.entrySet().stream()
                        .filter(e -> e.getKey().id().equals(meeting))
                        .map(e -> new Change(
                                e.getValue().id(),
                                e.getValue().filed().date(),
                                decision(e.getValue()),
                                meeting,
                                decision(e.getKey())))
                        .findFirst();
            }
        };
        Wanted wanted = new QuestionReader(List.<Person>of()).read(question, TODAY);
        Sought sought = Sought.of(question, wanted, ledger.words());
        return Standing.of(new Asked(question, wanted, sought, TODAY, ledger, Room.WHOLE), march, decision(march));
    }

    @Test
    void what_a_decision_was_changed_to_is_told_before_it() {
        List<Statement> told = told("what did we decide about bicycles?", Map.of(march, june));

        assertThat(told)
                .extracting(Statement::text)
                .containsExactly(decision(june).text(), decision(march).text());
        assertThat(told.get(0).day()).isEqualTo("2026-06-01");
        assertThat(told.get(1).lead()).isEqualTo("changed on 1 June");
        assertThat(told.get(1).citations()).extracting(Citation::meeting).containsExactly("03", "06");
    }

    @Test
    void of_what_was_changed_twice_the_last_word_is_told() {
        List<Statement> told = told("what did we decide about bicycles?", Map.of(march, june, june, october));

        assertThat(told.getFirst().meeting()).isEqualTo("10");
        assertThat(told.getLast().lead()).isEqualTo("changed on 5 October");
    }

    @Test
    void changes_that_lead_back_to_each_other_come_to_an_end() {
        assertThat(told("what did we decide about bicycles?", Map.of(march, june, june, march)))
                .hasSize(2);
    }

    @Test
    void that_nothing_changed_it_is_said_to_who_asks_for_it() {
        assertThat(told("do bicycles still go for two euros?", Map.of()))
                .singleElement()
                .extracting(Statement::lead)
                .isEqualTo("not changed since");
        assertThat(told("what did we decide about bicycles?", Map.of()))
                .singleElement()
                .extracting(Statement::lead)
                .isEqualTo("");
    }
}
