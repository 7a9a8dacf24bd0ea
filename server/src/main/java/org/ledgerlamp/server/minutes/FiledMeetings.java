package org.ledgerlamp.server.minutes;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.ledgerlamp.core.lamp.LampMeeting;
import org.ledgerlamp.core.language.Span;
import org.ledgerlamp.core.ledger.FiledLine;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.ledger.Said;
import org.ledgerlamp.core.people.Person;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.reading.Evidence;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceFacts;
import org.ledgerlamp.core.source.SourceFormat;
import org.ledgerlamp.core.source.Utterance;
import org.ledgerlamp.server.roster.RosterService;
import org.ledgerlamp.server.tray.SourceFile;
import org.ledgerlamp.server.tray.TrayService;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Folios as the core links them. */
@Service
@Transactional(readOnly = true)
public class FiledMeetings {
    /** How certain a line is that a person confirmed, on the scale of what the program drafts. */
    private static final double CONFIRMED = 0.65;

    private final MinutesService minutes;
    private final MinutesRepository folios;
    private final Lines lines;
    private final RosterService roster;
    private final TrayService tray;
    private final Attendances attendances;

    FiledMeetings(
            MinutesService minutes,
            MinutesRepository folios,
            Lines lines,
            RosterService roster,
            TrayService tray,
            Attendances attendances) {
        this.folios = folios;
        this.lines = lines;
        this.attendances = attendances;
        this.minutes = minutes;
        this.roster = roster;
        this.tray = tray;
    }

    /**
     * A folio as the core links it, and the way back from its talk to the sources.
     *
     * @param meeting its lines are known by the ids of the lines of record
     */
    public record FiledFolio(FiledMeeting meeting, Sheets sheets) {
        /** Words of the talk, as evidence. */
        public List<Basis> basis(int passage, Span words) {
            Utterance said = sheets.talk().utterances().get(passage);
            return sheets.basis(List.of(new Evidence(
                    Evidence.Origin.TALK,
                    passage,
                    said.start(),
                    said.speaker(),
                    words.start(),
                    words.end(),
                    words.of(said.text()))));
        }
    }

    /** Reads a folio with its sources. */
    public FiledFolio of(Minutes folio) {
        return of(folio, roster.names(folio.teamId()), roster.roster(folio.teamId()));
    }

    private FiledFolio of(Minutes folio, Map<UUID, String> names, Roster people) {
        Sheets sheets =
                new Sheets(tray.of(folio.teamId(), List.of(folio.meeting().id())), this::talk);
        List<Said> talk = sheets.isEmpty() ? List.of() : Said.in(sheets.talk(), people);
        List<FiledLine> lines = minutes.lines(folio).stream()
                .filter(l -> stands(l, folio) && isToldOf(l))
                .map(l -> line(l, names, sheets))
                .toList();
        return new FiledFolio(filed(folio, people, talk, lines), sheets);
    }

    private static FiledMeeting filed(Minutes folio, Roster people, List<Said> talk, List<FiledLine> lines) {
        return new FiledMeeting(
                folio.id().toString(),
                folio.meeting().date(),
                folio.meeting().series(),
                people.people().stream().map(Person::name).toList(),
                talk,
                lines);
    }

    /** Of a folio what is of record; of a draft what was not struck and is not merely offered. */
    private static boolean stands(MinutesLine line, Minutes of) {
        return of.isFiled() ? line.folio() != null : line.state() == LineState.INK || line.state() == LineState.PENCIL;
    }

    /** The folios of meetings held from one day to another, the latest first, at most {@code most}. */
    public List<Minutes> heldBetween(UUID teamId, LocalDate from, LocalDate to, int most) {
        return folios.findByTeamIdAndFolioIsNotNullAndMeetingDateBetweenOrderByMeetingDateDescFolioDesc(
                teamId, from, to, Limit.of(most));
    }

    /**
     * A folio as the lamp reads it, and the way back from its talk to the sources.
     *
     * @param meeting known by the id of its minutes, its lines by the ids of the lines of record
     */
    public record LitFolio(LampMeeting meeting, FiledFolio filed) {}

    /** Reads folios of a team with their sources, and who was there; a draft as it stands. */
    public List<LitFolio> lit(UUID teamId, Collection<Minutes> folios) {
        Map<UUID, String> names = roster.names(teamId);
        Roster people = roster.roster(teamId);
        return folios.stream().map(m -> lit(m, names, people)).toList();
    }

    private LitFolio lit(Minutes folio, Map<UUID, String> names, Roster people) {
        FiledFolio filed = of(folio, names, people);
        return new LitFolio(
                met(folio, filed.meeting(), people, attendances.findByMinutesIdOrderByPosition(folio.id())), filed);
    }

    private static LampMeeting met(Minutes folio, FiledMeeting filed, Roster people, List<Attendance> there) {
        return new LampMeeting(
                filed,
                folio.meeting().title(),
                folio.meeting().kind(),
                people.people(),
                there.stream()
                        .map(a -> new Presence(
                                a.name(),
                                a.role(),
                                a.attended(),
                                a.isLate(),
                                a.words(),
                                a.share(),
                                a.turns(),
                                a.seconds() == null ? null : Duration.ofSeconds(a.seconds())))
                        .toList());
    }

    /** Reads folios of a team by what is of record alone, without the talk: of many meetings that is far less. */
    public List<LampMeeting> inShort(UUID teamId, Collection<Minutes> folios) {
        Map<UUID, String> names = roster.names(teamId);
        Roster people = roster.roster(teamId);
        List<UUID> ids = folios.stream().map(Minutes::id).toList();
        Map<UUID, List<MinutesLine>> recorded = lines.findByMinutesIdInAndFolioIsNotNullOrderByPosition(ids).stream()
                .collect(Collectors.groupingBy(MinutesLine::minutesId));
        Map<UUID, List<Attendance>> there = attendances.findByMinutesIdInOrderByPosition(ids).stream()
                .collect(Collectors.groupingBy(Attendance::minutesId));
        return folios.stream()
                .map(m -> met(
                        m,
                        filed(
                                m,
                                people,
                                List.of(),
                                recorded.getOrDefault(m.id(), List.of()).stream()
                                        .filter(FiledMeetings::isToldOf)
                                        .map(l -> inShort(l, names))
                                        .toList()),
                        people,
                        there.getOrDefault(m.id(), List.of())))
                .toList();
    }

    private static FiledLine inShort(MinutesLine line, Map<UUID, String> names) {
        return line(line, names, -1, line.evidence().stream().map(Basis::quote).toList());
    }

    private static boolean isToldOf(MinutesLine line) {
        return line.kind() != LineKind.SUMMARY && line.kind() != LineKind.ANSWER;
    }

    /** The talk alone, as it was kept: neither links nor answers need more of a source, and need it of many. */
    private Source talk(SourceFile file) {
        return new Source(
                file.isNotes() ? SourceFormat.NOTES : SourceFormat.TEXT_LINES,
                tray.talk(file),
                List.of(),
                SourceFacts.NONE,
                List.of());
    }

    private static FiledLine line(MinutesLine line, Map<UUID, String> names, Sheets sheets) {
        List<Basis> talked =
                line.evidence().stream().filter(b -> sheets.inTalk(b) >= 0).toList();
        return line(
                line,
                names,
                talked.isEmpty() ? -1 : sheets.inTalk(talked.getFirst()),
                talked.stream().map(Basis::quote).toList());
    }

    /** A line of record without the talk it rests on. */
    public static FiledLine withoutTalk(MinutesLine line, Map<UUID, String> names) {
        return line(line, names, -1, List.of());
    }

    private static FiledLine line(MinutesLine line, Map<UUID, String> names, int passage, List<String> quotes) {
        return new FiledLine(
                line.id().toString(),
                Kind.valueOf(line.kind().name()),
                line.text(),
                line.ownerId() == null ? null : names.get(line.ownerId()),
                line.due(),
                CONFIRMED,
                passage,
                quotes);
    }
}
