package org.ledgerlamp.server.asking;

import java.time.Clock;
import java.time.LocalDate;
import org.ledgerlamp.core.exchange.AnswerFile;
import org.ledgerlamp.server.asking.AnswerStatement.AnswerPlace;
import org.springframework.stereotype.Component;

/** Readies answers to go out as files. */
@Component
class AnswerSheets {
    private final Clock clock;

    AnswerSheets(Clock clock) {
        this.clock = clock;
    }

    AnswerFile.Sheet of(LampQuestion asked, LampAnswer answer) {
        return new AnswerFile.Sheet(
                asked.question(),
                LocalDate.now(clock),
                asked.scope().words(),
                answer.answered(),
                answer.statements().stream().map(AnswerSheets::said).toList(),
                answer.notSaid());
    }

    /** A statement as it goes out. */
    static AnswerFile.Said said(AnswerStatement s) {
        return new AnswerFile.Said(
                s.day(),
                s.lead(),
                s.text(),
                s.said(),
                s.citations().stream()
                        .map(c -> new AnswerFile.Place(number(c), c.title(), c.date(), c.quote()))
                        .toList());
    }

    /** Blank for a draft, which has none. */
    private static String number(AnswerPlace place) {
        if (place.folio() == null) {
            return "";
        }
        return place.line() == null ? place.folio().toString() : place.folio() + "." + place.line();
    }
}
