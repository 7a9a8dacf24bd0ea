package org.ledgerlamp.server.asking;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.lamp.Answer;
import org.ledgerlamp.core.lamp.Lamp;
import org.ledgerlamp.core.lamp.Statement;
import org.ledgerlamp.core.lamp.Wanted;
import org.ledgerlamp.core.people.Person;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers questions from a team's ledger. */
@Service
@Transactional(readOnly = true)
class AskService {
    private final LedgerDesk desk;
    private final Clock clock;

    AskService(LedgerDesk desk, Clock clock) {
        this.desk = desk;
        this.clock = clock;
    }

    /** An answer as the core gives it, and the ledger it was had from. */
    record Had(Answer answer, TeamLedger ledger) {}

    /** Answers a question. */
    public LampAnswer ask(UUID teamId, LampQuestion asked) {
        Had had = had(teamId, asked);
        return shown(asked, had.answer(), places(teamId, had, had.answer().statements()));
    }

    /** Answers a question, and keeps what it rests on as the core knows it. */
    public Had had(UUID teamId, LampQuestion asked) {
        TeamLedger ledger = new TeamLedger(teamId, desk, asked.scope());
        Lamp lamp = new Lamp(ledger);
        LocalDate today = LocalDate.now(clock);
        return new Had(lamp.ask(asked.question(), wanted(asked, lamp, ledger.people(), today), today), ledger);
    }

    /** An answer as it is shown. */
    static LampAnswer shown(LampQuestion asked, Answer answer, CitedPlaces places) {
        return new LampAnswer(
                asked.question(),
                QuestionReading.of(answer.wanted()),
                answer.answered(),
                answer.statements().stream().map(places::said).toList(),
                answer.notSaid());
    }

    /** The places that statements rest on, as far as they are still there. */
    public CitedPlaces places(UUID teamId, Had had, List<Statement> statements) {
        return new CitedPlaces(teamId, desk, had.ledger(), statements);
    }

    private static Wanted wanted(LampQuestion asked, Lamp lamp, List<Person> people, LocalDate today) {
        if (asked.reading() != null) {
            return asked.reading().wanted(people);
        }
        return asked.before() == null
                ? lamp.read(asked.question(), today)
                : lamp.readAfter(asked.before().wanted(people), asked.question(), today);
    }
}
