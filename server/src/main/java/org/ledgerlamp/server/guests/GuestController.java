package org.ledgerlamp.server.guests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.MinutesPdf;
import org.ledgerlamp.core.exchange.Typesetter;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.BlockView;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.minutes.FairCopies;
import org.ledgerlamp.server.minutes.LineFacts;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a guest sees and may change: the folios they were let into, and nothing else. */
@RestController
@RequestMapping("/api/guest")
@Transactional
class GuestController {
    private final GuestService guests;
    private final MinutesService minutes;
    private final FairCopies copies;

    GuestController(GuestService guests, MinutesService minutes, FairCopies copies) {
        this.guests = guests;
        this.minutes = minutes;
        this.copies = copies;
    }

    /** A folio a guest was let into. */
    record GuestFolio(int folio, String title, LocalDate date, @Nullable String series, boolean writes) {}

    /** A line a guest may change. */
    record GuestLine(UUID id, int version, int number, LineKind kind, String text) {
        static GuestLine of(MinutesLine l) {
            return new GuestLine(l.id(), l.version(), l.number(), l.kind(), l.text());
        }
    }

    /** @param lines those that may be changed; none for whoever only reads */
    record GuestPage(GuestFolio folio, List<BlockView> page, List<GuestLine> lines) {}

    record GuestWords(@NotBlank @Size(max = 4000) String text) {}

    record GuestAddition(@NotNull LineKind kind, @NotBlank @Size(max = 4000) String text) {}

    @GetMapping("/folios")
    @Transactional(readOnly = true)
    public List<GuestFolio> folios(@AuthenticationPrincipal SignedIn guest) {
        return guests.folios(guest).entrySet().stream()
                .map(e -> folio(e.getKey(), e.getValue()))
                .toList();
    }

    private static GuestFolio folio(Minutes m, boolean writes) {
        return new GuestFolio(
                m.folio(), m.meeting().title(), m.meeting().date(), m.meeting().series(), writes);
    }

    @GetMapping("/folios/{number}")
    @Transactional(readOnly = true)
    public GuestPage page(@AuthenticationPrincipal SignedIn guest, @PathVariable int number) {
        return page(guest, guests.toRead(guest, number));
    }

    private GuestPage page(SignedIn guest, Minutes folio) {
        boolean writes = guests.mayWrite(guest, folio);
        return new GuestPage(
                folio(folio, writes),
                Typesetter.set(copies.of(folio), false).stream()
                        .map(BlockView::of)
                        .toList(),
                writes
                        ? minutes.lines(folio).stream()
                                .filter(l -> l.folio() != null)
                                .map(GuestLine::of)
                                .toList()
                        : List.of());
    }

    @GetMapping("/folios/{number}/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> pdf(@AuthenticationPrincipal SignedIn guest, @PathVariable int number) {
        FairCopy copy = copies.of(guests.toRead(guest, number));
        return Downloads.of(copy.fileName() + ".pdf", MinutesPdf.write(copy, false));
    }

    /** Other words for a line; all else of it stays. It is an amendment like a member's. */
    @PutMapping("/lines/{id}")
    public GuestPage change(
            @AuthenticationPrincipal SignedIn guest,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody GuestWords words) {
        MinutesLine line = minutes.line(guest.teamId(), id);
        Minutes folio = ofRecord(guest, line);
        Versions.require(ifMatch, line.version(), () -> GuestLine.of(line));
        minutes.change(
                guest,
                id,
                LineFacts.inPlace(line.kind(), words.text(), line.ownerId(), line.due(), LineState.INK),
                ifMatch);
        return page(guest, folio);
    }

    /** Only a line of record of a folio that the guest may write in can be touched; any other is not there for them. */
    private Minutes ofRecord(SignedIn guest, MinutesLine line) {
        int folio = line.folio() == null ? -1 : line.folio();
        return guests.toWrite(guest, folio);
    }

    /** A line more, at the end of its kind. */
    @PostMapping("/folios/{number}/lines")
    public GuestPage add(
            @AuthenticationPrincipal SignedIn guest,
            @PathVariable int number,
            @Valid @RequestBody GuestAddition addition) {
        Minutes folio = guests.toWrite(guest, number);
        minutes.add(
                guest,
                folio.id(),
                LineFacts.inPlace(addition.kind(), addition.text(), null, null, LineState.INK),
                null,
                List.of());
        return page(guest, folio);
    }
}
