package org.ledgerlamp.server.minutes;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Line;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.source.Limits;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.UnreadableSource;
import org.ledgerlamp.server.common.Millis;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.page.PageService;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.shorthand.ShorthandService;
import org.springframework.stereotype.Component;

/** Says what can be found of a meeting that still goes on. Nothing of it is kept. */
@Component
public class EarlyFindings {
    private final MeetingService meetings;
    private final RosterService roster;
    private final ShorthandService shorthand;
    private final PageService pages;
    private final DraftingService drafting;

    EarlyFindings(
            MeetingService meetings,
            RosterService roster,
            ShorthandService shorthand,
            PageService pages,
            DraftingService drafting) {
        this.meetings = meetings;
        this.roster = roster;
        this.shorthand = shorthand;
        this.pages = pages;
        this.drafting = drafting;
    }

    /**
     * A line as it would be drafted now, and the words it rests on.
     *
     * @param owner full name, or null
     */
    public record EarlyLine(
            LineKind kind, String text, @Nullable String owner, @Nullable LocalDate due, List<EarlyWords> words) {}

    /** @param startMs when it was said, in milliseconds since the beginning, or null */
    public record EarlyWords(@Nullable String speaker, @Nullable Integer startMs, String quote) {}

    /**
     * What is found so far.
     *
     * @param heard what a recorder heard, as it would deliver it, or null
     */
    public List<EarlyLine> of(UUID teamId, UUID meetingId, byte @Nullable [] heard) {
        Meeting meeting = meetings.one(teamId, meetingId);
        Shorthand signs = shorthand.of(teamId);
        SourceDesk desk = new SourceDesk(Limits.DEFAULT, signs);
        String typed = pages.text(teamId, meetingId);
        List<Source> sources = new ArrayList<>();
        try {
            if (heard != null) {
                sources.add(desk.read(heard));
            }
            if (!typed.isBlank()) {
                sources.add(desk.readNotes(typed.getBytes(StandardCharsets.UTF_8)));
            }
        } catch (UnreadableSource e) {
            throw Refusal.conflict("What was heard so far cannot be read: " + e.getMessage());
        }
        if (sources.isEmpty()) {
            return List.of();
        }
        List<Person> people =
                roster.everybody(teamId).stream().map(RosterPerson::person).toList();
        Draft draft = new Drafter(SentenceClassifier.shipped(), signs)
                .draft(
                        sources.getFirst(),
                        sources.size() > 1 ? sources.getLast() : null,
                        meetings.coreFacts(teamId, meetingId, people),
                        drafting.fitting(meeting),
                        Progress.UNWATCHED);
        return Stream.concat(draft.lines().stream(), draft.answers().stream())
                .map(EarlyFindings::found)
                .toList();
    }

    private static EarlyLine found(Line line) {
        return new EarlyLine(
                LineKind.of(line),
                line.text(),
                line.owner(),
                line.due(),
                line.evidence().stream().map(EarlyFindings::words).toList());
    }

    private static EarlyWords words(Evidence evidence) {
        return new EarlyWords(evidence.speaker(), Millis.of(evidence.at()), evidence.quote());
    }
}
