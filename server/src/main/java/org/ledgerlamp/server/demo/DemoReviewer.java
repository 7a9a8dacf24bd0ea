package org.ledgerlamp.server.demo;

import java.time.LocalDate;
import java.time.Period;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.demo.DemoScript.Correction;
import org.ledgerlamp.server.minutes.Basis;
import org.ledgerlamp.server.minutes.FilingService;
import org.ledgerlamp.server.minutes.LineFacts;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Matter;
import org.ledgerlamp.server.minutes.MatterService;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.tray.Passage;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.stereotype.Component;

/** Does what the lead of the demo did: corrects a draft line by line, adds what is missing, files it. */
@Component
class DemoReviewer {
    private static final int EVERY_SO_MANY_STAY_OPEN = 4;
    private static final Period RECENT = Period.ofWeeks(8);

    private final MinutesService minutes;
    private final FilingService filing;
    private final MatterService matters;
    private final TrayService tray;

    DemoReviewer(MinutesService minutes, FilingService filing, MatterService matters, TrayService tray) {
        this.minutes = minutes;
        this.filing = filing;
        this.matters = matters;
        this.tray = tray;
    }

    /**
     * Reviews and files a draft.
     *
     * @param review by kind, the lines that stand in the end; drafted lines of these kinds that none of them rests on
     *     are struck, lines of all other kinds are inked as drafted
     */
    void reviewAndFile(SignedIn lead, UUID draftId, Map<LineKind, List<Correction>> review, Map<String, UUID> people) {
        Minutes draft = minutes.one(lead.teamId(), draftId);
        List<MinutesLine> drafted = minutes.lines(draft).stream()
                .filter(l -> l.state() != LineState.POSSIBLE)
                .toList();
        List<MinutesLine> left = new ArrayList<>(drafted);
        review.forEach((kind, corrections) -> {
            for (Correction correction : corrections) {
                LineFacts facts = facts(kind, correction, draft.meeting().date(), people);
                Optional<MinutesLine> line = left.stream()
                        .filter(l -> l.kind() == kind && restsOn(l, correction.rests()))
                        .findFirst();
                if (line.isPresent()) {
                    left.remove(line.get());
                    set(lead, line.get(), facts);
                } else {
                    add(lead, draft, facts, correction.rests(), drafted);
                }
            }
        });
        for (MinutesLine line : left) {
            LineState state = review.containsKey(line.kind()) ? LineState.STRUCK : LineState.INK;
            set(lead, line, LineFacts.inPlace(line.kind(), line.text(), line.ownerId(), line.due(), state));
        }
        filing.file(lead, draftId);
        goThroughMatters(lead, draft);
    }

    /** In every meeting of a series most of what was long open is done by then; what is recent is spoken of there. */
    private void goThroughMatters(SignedIn lead, Minutes filed) {
        LocalDate recent = filed.meeting().date().minus(RECENT);
        List<Matter> open = matters.of(filed.meeting()).stream()
                .filter(m ->
                        minutes.folio(lead.teamId(), m.folio()).meeting().date().isBefore(recent))
                .toList();
        for (int i = 0; i < open.size(); i++) {
            ActKind kind = i % EVERY_SO_MANY_STAY_OPEN == 1 ? ActKind.CARRIED : ActKind.DONE;
            matters.act(
                    lead,
                    open.get(i).lineId(),
                    ActService.Deed.plain(kind, filed.meeting().id()));
        }
    }

    private static LineFacts facts(LineKind kind, Correction correction, LocalDate meeting, Map<String, UUID> people) {
        UUID owner = correction.owner() == null ? null : people.get(correction.owner());
        return LineFacts.inPlace(kind, correction.text(), owner, correction.dueFrom(meeting), LineState.INK);
    }

    /** Whether the words carry the line: its first evidence. A line they only stand beside is another line. */
    private static boolean restsOn(MinutesLine line, @Nullable String words) {
        if (words == null) {
            return true;
        }
        String carrier = line.evidence().getFirst().quote();
        return carrier.contains(words) || words.contains(carrier);
    }

    private void set(SignedIn lead, MinutesLine line, LineFacts facts) {
        minutes.change(lead, line.id(), facts, Versions.tag(line.version()));
    }

    /** Adds a line below the last drafted one that was said before it. */
    private void add(SignedIn lead, Minutes draft, LineFacts facts, String words, List<MinutesLine> drafted) {
        Basis basis = find(lead, draft, words);
        UUID after = drafted.stream()
                .filter(l -> l.kind() == facts.kind() && l.evidence().getFirst().passage() <= basis.passage())
                .reduce((first, second) -> second)
                .map(MinutesLine::id)
                .orElse(drafted.getFirst().id());
        minutes.add(lead, draft.id(), facts, after, List.of(basis));
    }

    private Basis find(SignedIn lead, Minutes draft, String words) {
        for (SourceFile source : tray.of(lead.teamId(), List.of(draft.meeting().id()))) {
            for (Passage p : tray.passages(lead.teamId(), source.id())) {
                int start = p.text().indexOf(words);
                if (start >= 0) {
                    return new Basis(
                            source.id(), p.n(), start, start + words.length(), words, p.speaker(), p.startMs());
                }
            }
        }
        throw new IllegalStateException("no source of " + draft.meeting().title() + " has the words: " + words);
    }
}
