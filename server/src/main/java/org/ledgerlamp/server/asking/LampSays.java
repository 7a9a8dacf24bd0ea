package org.ledgerlamp.server.asking;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ledgerlamp.server.asking.AnswerStatement.AnswerPlace;
import org.ledgerlamp.server.minutes.LedgerSays;
import org.springframework.stereotype.Component;

/** Answers as lines of minutes: "3 March 2026, Ana: “…” (27.3)". The numbers become links there as any others do. */
@Component
class LampSays implements LedgerSays {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final AskService asks;

    LampSays(AskService asks) {
        this.asks = asks;
    }

    @Override
    public List<String> to(UUID teamId, String question) {
        LampAnswer answer = asks.ask(teamId, new LampQuestion(question, null, null, null));
        return answer.answered()
                ? answer.statements().stream().map(LampSays::line).toList()
                : List.of();
    }

    private static String line(AnswerStatement s) {
        String lead = Stream.of(s.day() == null ? "" : DAY.format(s.day()), s.lead())
                .filter(part -> !part.isBlank())
                .collect(Collectors.joining(", "));
        String places = s.citations().stream()
                .map(LampSays::number)
                .filter(Objects::nonNull)
                .distinct()
                .collect(Collectors.joining(", "));
        return (lead.isEmpty() ? "" : lead + ": ")
                + (s.said() ? "“" + s.text() + "”" : s.text())
                + (places.isEmpty() ? "" : " (" + places + ")");
    }

    private static String number(AnswerPlace place) {
        return place.line() == null ? "folio " + place.folio() : place.folio() + "." + place.line();
    }
}
