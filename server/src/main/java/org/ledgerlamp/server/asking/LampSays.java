package org.ledgerlamp.server.asking;

import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.exchange.AnswerFile;
import org.ledgerlamp.server.minutes.LedgerSays;
import org.springframework.stereotype.Component;

/** Answers as lines of minutes: "3 March 2026, Ana: “…” (27.3)". The numbers become links there as any others do. */
@Component
class LampSays implements LedgerSays {
    private final AskService asks;

    LampSays(AskService asks) {
        this.asks = asks;
    }

    @Override
    public List<String> to(UUID teamId, String question) {
        LampAnswer answer = asks.ask(teamId, new LampQuestion(question, null, null, null));
        return answer.answered()
                ? answer.statements().stream()
                        .map(AnswerSheets::said)
                        .map(AnswerFile::line)
                        .toList()
                : List.of();
    }
}
