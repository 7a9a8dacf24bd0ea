package org.ledgerlamp.server.asking;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.lamp.Citation;
import org.ledgerlamp.core.lamp.Statement;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.server.asking.AnswerStatement.AnswerPlace;
import org.ledgerlamp.server.minutes.Basis;
import org.ledgerlamp.server.minutes.FiledMeetings.LitFolio;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.references.ReferenceNote;

/** Turns what statements cite into folios, lines and passages. What is not there any more is left out. */
final class CitedPlaces {
    private final TeamLedger ledger;
    private final Map<String, Minutes> minutes;
    private final Map<String, ReferenceNote> notes;
    private final Map<String, MinutesLine> lines;

    CitedPlaces(UUID teamId, LedgerDesk desk, TeamLedger ledger, List<Statement> statements) {
        this.ledger = ledger;
        List<Citation> citations =
                statements.stream().flatMap(s -> s.citations().stream()).toList();
        List<UUID> ids = citations.stream()
                .map(c -> UUID.fromString(c.meeting()))
                .distinct()
                .toList();
        minutes = desk.minutes().all(teamId, ids).stream()
                .filter(m -> m.isFiled() || ledger.read(m.id()) != null)
                .collect(Collectors.toMap(m -> m.id().toString(), Function.identity()));
        notes = desk.notes().all(teamId, ids).stream()
                .collect(Collectors.toMap(n -> n.id().toString(), Function.identity()));
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

    /** A statement with its places. */
    AnswerStatement said(Statement s) {
        return new AnswerStatement(
                s.day(),
                s.lead(),
                s.text(),
                s.said(),
                s.citations().stream().flatMap(c -> cited(c).stream()).toList());
    }

    private Optional<AnswerPlace> cited(Citation c) {
        if (notes.containsKey(c.meeting())) {
            ReferenceNote note = notes.get(c.meeting());
            return Optional.of(new AnswerPlace(
                    note.folio(), null, note.title(), note.dated(), c.passage() + 1, null, null, c.quote()));
        }
        return Optional.ofNullable(minutes.get(c.meeting())).map(m -> cited(c, m));
    }

    private AnswerPlace cited(Citation c, Minutes of) {
        MinutesLine line = c.line() == null ? null : lines.get(c.line());
        Basis basis = basis(c, line);
        return new AnswerPlace(
                of.folio(),
                of.isFiled() ? null : of.id(),
                of.meeting().title(),
                of.meeting().date(),
                line == null ? null : line.number(),
                basis == null ? null : basis.sourceId(),
                basis == null ? null : basis.passage(),
                c.quote());
    }

    private @Nullable Basis basis(Citation c, @Nullable MinutesLine line) {
        if (c.passage() < 0 && line != null && !line.evidence().isEmpty()) {
            return line.evidence().getFirst();
        }
        LitFolio lit = ledger.read(UUID.fromString(c.meeting()));
        if (lit == null || c.passage() < 0) {
            return null;
        }
        String text = lit.filed().meeting().talk().get(c.passage()).text();
        List<Basis> found = lit.filed().basis(c.passage(), new Span(0, text.length()));
        return found.isEmpty() ? null : found.getFirst();
    }
}
