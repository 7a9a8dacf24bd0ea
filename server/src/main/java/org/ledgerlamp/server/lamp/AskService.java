package org.ledgerlamp.server.lamp;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.Answer;
import org.ledgerlamp.core.lamp.Citation;
import org.ledgerlamp.core.lamp.Lamp;
import org.ledgerlamp.core.lamp.Statement;
import org.ledgerlamp.core.lamp.Wanted;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.server.lamp.AskController.LampQuestion;
import org.ledgerlamp.server.minutes.Basis;
import org.ledgerlamp.server.minutes.FiledMeetings.LitFolio;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
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

    /**
     * A place an answer rests on.
     *
     * @param line number of the line of record, or null for talk alone
     * @param sourceId the source of the passage, or null
     * @param passage number of the passage within its source, or null
     * @param quote the words; blank where a line stands for itself
     */
    record AnswerPlace(
            int folio,
            String title,
            LocalDate date,
            @Nullable Integer line,
            @Nullable UUID sourceId,
            @Nullable Integer passage,
            String quote) {}

    /** One thing an answer says. */
    record AnswerStatement(
            @Nullable LocalDate day, String lead, String text, boolean said, List<AnswerPlace> citations) {}

    /**
     * What the ledger says.
     *
     * @param answered whether it says it
     * @param statements what it says; else the nearest passages
     */
    record LampAnswer(String question, QuestionReading reading, boolean answered, List<AnswerStatement> statements) {}

    /** Answers a question. */
    LampAnswer ask(UUID teamId, LampQuestion asked) {
        TeamLedger ledger = new TeamLedger(teamId, desk, asked.scope());
        Lamp lamp = new Lamp(ledger);
        LocalDate today = LocalDate.now(clock);
        String question = asked.question();
        Wanted wanted = wanted(asked, lamp, ledger.people(), today);
        Answer answer = lamp.ask(question, wanted, today);
        Places places = new Places(teamId, ledger, answer);
        return new LampAnswer(
                question,
                QuestionReading.of(answer.wanted()),
                answer.answered(),
                answer.statements().stream().map(places::said).toList());
    }

    private static Wanted wanted(LampQuestion asked, Lamp lamp, List<Person> people, LocalDate today) {
        if (asked.reading() != null) {
            return asked.reading().wanted(people);
        }
        return asked.before() == null
                ? lamp.read(asked.question(), today)
                : lamp.readAfter(asked.before().wanted(people), asked.question(), today);
    }

    /** Turns what the core cites into folios, lines and passages. */
    private final class Places {
        private final TeamLedger ledger;
        private final Map<String, Minutes> folios;
        private final Map<String, MinutesLine> lines;

        Places(UUID teamId, TeamLedger ledger, Answer answer) {
            this.ledger = ledger;
            List<Citation> citations = answer.citations();
            folios = desk
                    .minutes()
                    .all(
                            teamId,
                            citations.stream()
                                    .map(c -> UUID.fromString(c.meeting()))
                                    .collect(Collectors.toSet()))
                    .stream()
                    .filter(Minutes::isFiled)
                    .collect(Collectors.toMap(m -> m.id().toString(), Function.identity()));
            lines = desk
                    .minutes()
                    .linesOfRecord(
                            teamId,
                            citations.stream()
                                    .filter(c -> c.line() != null)
                                    .map(c -> UUID.fromString(c.line()))
                                    .collect(Collectors.toSet()))
                    .stream()
                    .collect(Collectors.toMap(l -> l.id().toString(), Function.identity()));
        }

        AnswerStatement said(Statement s) {
            return new AnswerStatement(
                    s.day(),
                    s.lead(),
                    s.text(),
                    s.said(),
                    s.citations().stream()
                            .filter(c -> folios.containsKey(c.meeting()))
                            .map(this::cited)
                            .toList());
        }

        private AnswerPlace cited(Citation c) {
            Minutes folio = folios.get(c.meeting());
            MinutesLine line = c.line() == null ? null : lines.get(c.line());
            Basis basis = basis(c);
            return new AnswerPlace(
                    folio.folio(),
                    folio.meeting().title(),
                    folio.meeting().date(),
                    line == null ? null : line.number(),
                    basis == null ? null : basis.sourceId(),
                    basis == null ? null : basis.passage(),
                    c.quote());
        }

        private @Nullable Basis basis(Citation c) {
            LitFolio lit = ledger.read(UUID.fromString(c.meeting()));
            if (lit == null || c.passage() < 0) {
                return null;
            }
            String text = lit.filed().meeting().talk().get(c.passage()).text();
            List<Basis> found = lit.filed().basis(c.passage(), new Span(0, text.length()));
            return found.isEmpty() ? null : found.getFirst();
        }
    }
}
