package org.ledgerlamp.server.references;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.FileDay;
import org.ledgerlamp.core.source.DocumentText;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Digests;
import org.ledgerlamp.server.common.FileNames;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Texts;
import org.ledgerlamp.server.ledger.CardFacts;
import org.ledgerlamp.server.ledger.CardSort;
import org.ledgerlamp.server.ledger.FolioCards;
import org.ledgerlamp.server.links.FolioWordReader;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Files documents beside folios. */
@Service
@Transactional
public class ReferenceService {
    private static final int LONGEST_TITLE = 200;

    private final ReferenceNotes notes;
    private final ReferenceLines lines;
    private final ReferenceOriginals originals;
    private final AccessService access;
    private final FolioCards cards;
    private final FolioWordReader words;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ReferenceService(
            ReferenceNotes notes,
            ReferenceLines lines,
            ReferenceOriginals originals,
            AccessService access,
            FolioCards cards,
            FolioWordReader words,
            ApplicationEventPublisher events,
            Clock clock) {
        this.notes = notes;
        this.lines = lines;
        this.originals = originals;
        this.access = access;
        this.cards = cards;
        this.words = words;
        this.events = events;
        this.clock = clock;
    }

    /**
     * Files a document under the team's next number. Its day is the one that its name tells, otherwise today.
     *
     * @throws Refusal where nothing can be read of it, or the same bytes are filed already
     */
    public ReferenceNote file(SignedIn who, String fileName, byte[] bytes) {
        String name = FileNames.presentable(fileName);
        String sha256 = Digests.sha256(bytes);
        notes.findFirstByTeamIdAndSha256(who.teamId(), sha256).ifPresent(twin -> {
            throw Refusal.conflict("The same document is filed already: " + twin.folio() + ", " + twin.title() + ".")
                    .with("folio", twin.folio());
        });
        List<DocumentText.Paragraph> paragraphs = read(name, bytes);
        ReferenceNote note =
                new ReferenceNote(who, access.takeFolioNumber(who.teamId()), name, sha256, clock.instant());
        note.call(title(name, paragraphs), FileDay.of(name).orElseGet(() -> LocalDate.now(clock)));
        notes.saveAndFlush(note);
        originals.save(new ReferenceOriginal(note.id(), bytes));
        for (int i = 0; i < paragraphs.size(); i++) {
            ReferenceLine line = lines.save(new ReferenceLine(note, i + 1, paragraphs.get(i)));
            events.publishEvent(line.written());
        }
        words.read(
                note.teamId(),
                note.id(),
                paragraphs.stream().map(DocumentText.Paragraph::text).toList());
        keepCard(note);
        return note;
    }

    private static List<DocumentText.Paragraph> read(String name, byte[] bytes) {
        try {
            return DocumentText.of(bytes, Limits.DEFAULT);
        } catch (UnreadableSource e) {
            throw Refusal.invalid(name + " cannot be read. " + e.getMessage());
        }
    }

    private static String title(String name, List<DocumentText.Paragraph> paragraphs) {
        String heading = paragraphs.stream()
                .limit(3)
                .filter(DocumentText.Paragraph::heading)
                .map(DocumentText.Paragraph::text)
                .findFirst()
                .orElseGet(() -> name.replaceFirst("\\.[^.]{1,5}$", ""));
        return Texts.shortened(heading, LONGEST_TITLE);
    }

    /** Calls a note something else. */
    ReferenceNote call(ReferenceNote note, String title, LocalDate dated) {
        note.call(title, dated);
        notes.saveAndFlush(note);
        keepCard(note);
        return note;
    }

    private void keepCard(ReferenceNote note) {
        cards.keep(new CardFacts(
                note.id(),
                note.teamId(),
                CardSort.NOTE,
                note.folio(),
                note.title(),
                note.dated(),
                null,
                null,
                0,
                0,
                0,
                Set.of()));
    }

    /** @throws Refusal where the team has no reference note of this number */
    @Transactional(readOnly = true)
    public ReferenceNote one(UUID teamId, int folio) {
        return notes.findByTeamIdAndFolio(teamId, folio).orElseThrow(() -> Refusal.notFound("folio"));
    }

    @Transactional(readOnly = true)
    public List<ReferenceNote> all(UUID teamId, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : notes.findByTeamIdAndIdIn(teamId, ids);
    }

    /** Those of these numbers that are reference notes. */
    @Transactional(readOnly = true)
    public List<ReferenceNote> numbered(UUID teamId, Collection<Integer> folios) {
        return folios.isEmpty() ? List.of() : notes.findByTeamIdAndFolioIn(teamId, folios);
    }

    /** The paragraphs of a note in order. */
    @Transactional(readOnly = true)
    public List<ReferenceLine> lines(ReferenceNote note) {
        return lines.findByNoteIdOrderByNumber(note.id());
    }

    /** The paragraph of this number, or null. */
    @Transactional(readOnly = true)
    public @Nullable ReferenceLine line(UUID teamId, int folio, int number) {
        Optional<ReferenceNote> note = notes.findByTeamIdAndFolio(teamId, folio);
        return note.flatMap(n -> lines.findByNoteIdAndNumber(n.id(), number)).orElse(null);
    }

    @Transactional(readOnly = true)
    public List<ReferenceLine> lines(UUID teamId, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : lines.findByTeamIdAndIdIn(teamId, ids);
    }

    /** The file as it came. */
    @Transactional(readOnly = true)
    byte[] original(ReferenceNote note) {
        return originals.findById(note.id()).orElseThrow().bytes();
    }
}
