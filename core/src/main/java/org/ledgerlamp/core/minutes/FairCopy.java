package org.ledgerlamp.core.minutes;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.reading.TalkFigures;
import org.ledgerlamp.core.reading.Topic;
import org.ledgerlamp.core.source.Utterance;

/**
 * Minutes as they are read, drafted just now or filed long ago: what every written form of them is made from.
 *
 * @param meeting what is known of the meeting
 * @param template the form they take
 * @param folio the number they are filed under, or null for a draft
 * @param revision which revision of the folio this is, from 1; null for a draft
 * @param oneLine the meeting in one sentence; may be empty
 * @param lines in the order of the page; struck ones are none
 * @param topics in order of speech
 * @param attendance who was there or was expected
 * @param figures of the talk
 * @param utterances the source as read; empty where it is not at hand
 */
public record FairCopy(
        MeetingFacts meeting,
        Template template,
        Integer folio,
        Integer revision,
        String oneLine,
        List<CopyLine> lines,
        List<Topic> topics,
        List<Presence> attendance,
        TalkFigures figures,
        List<Utterance> utterances) {
    public FairCopy {
        lines = List.copyOf(lines);
        topics = List.copyOf(topics);
        attendance = List.copyOf(attendance);
        utterances = List.copyOf(utterances);
    }

    /** The fair copy of a draft, numbered in the order of its lines. */
    public static FairCopy of(Draft draft) {
        List<CopyLine> lines = new ArrayList<>();
        lines.add(new CopyLine(
                1,
                null,
                null,
                draft.summary().paragraph(),
                null,
                null,
                null,
                0,
                1,
                List.of(),
                null,
                draft.summary().evidence()));
        draft.lines().forEach(l -> lines.add(CopyLine.of(l, lines.size() + 1)));
        draft.answers().forEach(l -> lines.add(CopyLine.of(l, lines.size() + 1)));
        return new FairCopy(
                draft.meeting(),
                draft.template(),
                null,
                null,
                draft.summary().oneLine(),
                lines,
                draft.reading().topics(),
                draft.reading().attendance(),
                draft.reading().figures(),
                draft.reading().source().utterances());
    }

    /** What the minutes are titled. */
    public String title() {
        return template.titleOf(meeting);
    }

    /** What a file of them is named, without its ending. */
    public String fileName() {
        return template.fileOf(meeting);
    }

    /** The number under which a line can be cited, such as {@code 27.3}; null in a draft. */
    public String citation(CopyLine line) {
        return folio == null ? null : folio + "." + line.number();
    }

    /** The meeting in short: one paragraph, or empty. */
    public String summary() {
        return String.join(
                " ",
                lines.stream()
                        .filter(CopyLine::isSummary)
                        .map(CopyLine::text)
                        .filter(t -> !t.isBlank())
                        .toList());
    }

    /** The lines of a kind in order. */
    public List<CopyLine> of(Kind kind) {
        return lines.stream().filter(l -> l.kind() == kind).toList();
    }

    /** The title of a line's topic, or null where it has none. */
    public String topicOf(CopyLine line) {
        return line.topic() >= 0 && line.topic() < topics.size()
                ? topics.get(line.topic()).title()
                : null;
    }

    /**
     * A part of the minutes, to be shown on its own: these lines under their headings, and nothing of the meeting but its
     * title and day.
     *
     * @param numbers of the lines; those that are not there any more are left out
     */
    public FairCopy excerpt(Set<Integer> numbers) {
        List<CopyLine> chosen =
                lines.stream().filter(l -> numbers.contains(l.number())).toList();
        List<Section> sections = template.sections().stream()
                .filter(s -> chosen.stream().anyMatch(l -> l.standsIn(s)))
                .map(Section::bare)
                .toList();
        MeetingFacts bare = new MeetingFacts(
                meeting.title(),
                meeting.date(),
                null,
                meeting.timezone(),
                null,
                meeting.kind(),
                null,
                meeting.series(),
                List.of(),
                List.of(),
                List.of(),
                null);
        return new FairCopy(
                bare,
                template.with(sections),
                folio,
                revision,
                "",
                chosen,
                topics,
                List.of(),
                new TalkFigures(null, null, null, null),
                List.of());
    }

    /**
     * The same minutes with what the ledger says to the question of a section, after their other lines.
     *
     * @param section the section's heading
     * @param statements each naming what it rests on
     */
    public FairCopy withAnswers(String section, List<String> statements) {
        List<CopyLine> all = new ArrayList<>(lines);
        statements.forEach(text -> all.add(CopyLine.ofLedger(all.size() + 1, section, text)));
        return with(all);
    }

    /** The same minutes with other lines. */
    public FairCopy with(List<CopyLine> other) {
        return new FairCopy(
                meeting, template, folio, revision, oneLine, other, topics, attendance, figures, utterances);
    }
}
