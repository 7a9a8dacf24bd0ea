package org.ledgerlamp.core.exchange;

import java.time.Duration;
import java.util.stream.Stream;
import org.ledgerlamp.core.minutes.CopyLine;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.core.minutes.Page;
import org.ledgerlamp.core.minutes.Section;
import org.ledgerlamp.core.reading.Carried;
import org.ledgerlamp.core.reading.Finding;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.core.reading.Topic;

/**
 * Writes minutes as CommonMark with tables and task items. What a page does not show and {@link MinutesMarkdownReader}
 * needs stands before it.
 */
public final class MinutesMarkdown {
    static final String FORMAT = "ledger-lamp/minutes 1";

    private MinutesMarkdown() {}

    /** A draft, without the passages it rests on. */
    public static String write(Draft draft) {
        return write(FairCopy.of(draft), false);
    }

    /** @param passages whether the words that the lines rest on stand at the end */
    public static String write(FairCopy copy, boolean passages) {
        return matter(copy, passages).write() + Markdown.write(Typesetter.set(copy, passages));
    }

    private static FrontMatter matter(FairCopy copy, boolean passages) {
        MeetingFacts m = copy.meeting();
        FrontMatter matter = new FrontMatter()
                .with("format", FORMAT)
                .with("title", m.title())
                .with("date", m.date())
                .with("start", m.start())
                .with("timezone", m.timezone().getId())
                .with("planned", m.plannedMinutes())
                .with("kind", m.kind())
                .with("series", m.series())
                .with("location", m.location())
                .with("folio", copy.folio())
                .with("revision", copy.revision())
                .with("template", copy.template().name())
                .with("detail", copy.template().detail().name())
                .with("titled", copy.template().title().pattern())
                .with("named", copy.template().file().pattern())
                .with("oneLine", copy.oneLine());
        copy.template().kinds().forEach(k -> matter.row("kinds", k));
        for (Section s : copy.template().sections()) {
            matter.row(
                    "sections", s.heading(), s.content(), s.grouping(), s.form(), s.detail(), s.required(), s.text());
        }
        m.agenda().forEach(a -> matter.row("agenda", a));
        for (Carried c : m.mattersArising()) {
            matter.row("matters", c.text(), c.owner(), c.due(), c.origin());
        }
        for (Presence p : copy.attendance()) {
            matter.row(
                    "attendees",
                    p.name(),
                    p.role(),
                    p.attended(),
                    p.late(),
                    p.words(),
                    p.share(),
                    p.turns(),
                    millis(p.time()));
        }
        for (Topic t : copy.topics()) {
            matter.row("topics", t.title(), t.from(), t.to(), millis(t.at()), t.agendaItem());
        }
        TalkFigures f = copy.figures();
        matter.row("figures", millis(f.length()), millis(f.planned()), millis(f.startedAfter()), f.silence());
        copy.lines().stream()
                .map(CopyLine::owner)
                .filter(o -> o != null)
                .distinct()
                .forEach(o -> matter.row("owners", o));
        shown(copy).forEach(l -> line(l, matter));
        if (passages) {
            copy.lines().forEach(l -> l.evidence()
                    .forEach(e -> matter.row("evidence", l.number(), e.origin(), e.utterance(), e.start())));
        }
        return matter;
    }

    /** The lines in the order in which the page shows them. */
    static Stream<CopyLine> shown(FairCopy copy) {
        return Page.of(copy).stream().flatMap(part -> part.lines().stream());
    }

    private static void line(CopyLine l, FrontMatter matter) {
        Finding.Backing b = l.backing();
        matter.row(
                "lines",
                l.number(),
                l.topic(),
                l.dueWords(),
                b == null ? null : b.proposedBy(),
                b == null ? null : String.join(", ", b.assentedBy()),
                b == null ? null : String.join(", ", b.objectedBy()),
                l.kind());
    }

    private static Long millis(Duration duration) {
        return duration == null ? null : duration.toMillis();
    }
}
