package org.ledgerlamp.server.minutes;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.language.Sentences;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.reading.Carried;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.Standing;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.core.reading.Topic;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes fair copies of kept minutes: what is written out, sent and shown is made of them. */
@Service
@Transactional(readOnly = true)
public class FairCopies {
    private final MinutesService minutes;
    private final AmendmentService amendments;
    private final MatterService matters;
    private final RosterService roster;
    private final TrayService tray;

    FairCopies(
            MinutesService minutes,
            AmendmentService amendments,
            MatterService matters,
            RosterService roster,
            TrayService tray) {
        this.minutes = minutes;
        this.amendments = amendments;
        this.matters = matters;
        this.roster = roster;
        this.tray = tray;
    }

    /** The lines in ink, in the order of the page; without the source. */
    public FairCopy of(Minutes m) {
        return copy(m, List.of());
    }

    /** The same, with the source as it was read. */
    public FairCopy withSource(Minutes m) {
        return copy(m, sheets(m).talk().utterances());
    }

    /** The revision of a folio that stands; 1 is the folio as it was filed. */
    public int revision(Minutes folio) {
        return amendments.revision(folio);
    }

    private Sheets sheets(Minutes m) {
        return new Sheets(tray.of(m.teamId(), List.of(m.meeting().id())), tray::source);
    }

    private FairCopy copy(Minutes m, List<Utterance> utterances) {
        Map<UUID, String> names = roster.names(m.teamId());
        Sheets sheets = sheets(m);
        List<CopyLine> lines = new ArrayList<>();
        for (MinutesLine line : PageOrder.of(m.template(), minutes.lines(m))) {
            int number = line.number() == null ? lines.size() + 1 : line.number();
            lines.add(line(line, number, names, sheets));
        }
        String summary = lines.stream()
                .filter(CopyLine::isSummary)
                .map(CopyLine::text)
                .findFirst()
                .orElse("");
        return new FairCopy(
                facts(m, names),
                m.template(),
                m.folio(),
                m.isFiled() ? amendments.revision(m) : null,
                summary.isBlank() ? "" : Sentences.of(summary).getFirst().of(summary),
                lines,
                m.topics().stream().map(FairCopies::topic).toList(),
                minutes.attendance(m).stream().map(FairCopies::presence).toList(),
                figures(m.figures()),
                utterances);
    }

    private MeetingFacts facts(Minutes m, Map<UUID, String> names) {
        return m.meeting()
                .facts(List.of())
                .with(matters.of(m.meeting()).stream()
                        .filter(Matter::open)
                        .map(c -> new Carried(c.text(), names.get(c.ownerId()), c.due(), c.folio() + "." + c.number()))
                        .toList());
    }

    private static CopyLine line(MinutesLine l, int number, Map<UUID, String> names, Sheets sheets) {
        return new CopyLine(
                number,
                l.kind() == LineKind.SUMMARY || l.kind() == LineKind.ANSWER
                        ? null
                        : Kind.valueOf(l.kind().name()),
                l.kind() == LineKind.ANSWER ? l.section() : null,
                l.text(),
                l.ownerId() == null ? null : names.get(l.ownerId()),
                l.due(),
                l.dueWords(),
                l.topic(),
                l.certainty(),
                l.grounds().reasons(),
                l.kind() == LineKind.DECISION ? backing(l.grounds()) : null,
                l.evidence().stream()
                        .map(sheets::evidence)
                        .flatMap(Optional::stream)
                        .toList());
    }

    private static Finding.@Nullable Backing backing(Grounds g) {
        return Stream.of(Standing.values())
                .filter(s -> s.label().equals(g.standing()))
                .findFirst()
                .map(s -> new Finding.Backing(g.proposedBy(), g.assentedBy(), g.objectedBy(), s))
                .orElse(null);
    }

    private static Topic topic(TopicMark t) {
        return new Topic(
                t.title(),
                t.from(),
                t.to(),
                t.startMs() == null ? null : Duration.ofMillis(t.startMs()),
                t.agendaItem());
    }

    private static Presence presence(Attendance a) {
        return new Presence(
                a.name(), a.role(), a.attended(), a.isLate(), a.words(), a.share(), a.turns(), seconds(a.seconds()));
    }

    private static TalkFigures figures(Figures f) {
        return new TalkFigures(
                seconds(f.seconds()), seconds(f.plannedSeconds()), seconds(f.startedAfterSeconds()), f.silence());
    }

    private static @Nullable Duration seconds(@Nullable Integer seconds) {
        return seconds == null ? null : Duration.ofSeconds(seconds);
    }
}
