package org.ledgerlamp.server.minutes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import org.ledgerlamp.core.exchange.Typesetter;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.BlockView;
import org.ledgerlamp.server.templates.TemplateFacts;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Shows what a template makes of a meeting that was held, and makes one out of a folio's shape; nothing is kept. */
@RestController
class PreviewController {
    private final DraftingService drafting;
    private final MinutesService minutes;
    private final FairCopies copies;

    /** One draft at a time: whoever leafs through templates must not slow down those who draft. */
    private final ReentrantLock turn = new ReentrantLock();

    PreviewController(DraftingService drafting, MinutesService minutes, FairCopies copies) {
        this.drafting = drafting;
        this.minutes = minutes;
        this.copies = copies;
    }

    record PreviewWish(@NotNull UUID meetingId, @NotNull @Valid TemplateFacts template) {}

    /** A meeting that a template can be tried on. */
    record TriedOn(UUID meetingId, String title, LocalDate date) {}

    /** The meetings that minutes were begun of, latest first. */
    @GetMapping("/api/templates/meetings")
    @Transactional(readOnly = true)
    public List<TriedOn> meetings(@AuthenticationPrincipal SignedIn who) {
        return minutes.latest(who.teamId()).stream()
                .map(m -> new TriedOn(
                        m.meeting().id(), m.meeting().title(), m.meeting().date()))
                .toList();
    }

    @PostMapping("/api/templates/preview")
    List<BlockView> preview(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody PreviewWish wish) {
        Template template = wish.template().template();
        DraftingOrder order = drafting.toTry(who.teamId(), wish.meetingId(), template);
        turn.lock();
        try {
            FairCopy copy = FairCopy.of(order.drafted(Progress.UNWATCHED));
            for (EarlierAnswer answer : order.earlier()) {
                copy = copy.withAnswers(answer.section(), answer.statements());
            }
            return Typesetter.set(copy, false).stream().map(BlockView::of).toList();
        } finally {
            turn.unlock();
        }
    }

    /** A template in the shape of a folio. */
    @PostMapping("/api/folios/{number}/template")
    @Transactional(readOnly = true)
    public TemplateFacts like(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        Minutes folio = minutes.folio(who.teamId(), number);
        return TemplateFacts.of(Template.like(copies.of(folio), "Like folio " + number));
    }
}
