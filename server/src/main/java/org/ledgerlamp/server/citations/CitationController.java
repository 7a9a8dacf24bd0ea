package org.ledgerlamp.server.citations;

import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Written;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.meetings.MeetingService;
import org.ledgerlamp.server.remarks.Remark;
import org.ledgerlamp.server.remarks.RemarkService;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is cited where, over HTTP. */
@RestController
@Transactional(readOnly = true)
class CitationController {
    private static final int MOST_PLACES = 400;

    private final CitationRows rows;
    private final CitableLines lines;
    private final RemarkService remarks;
    private final MeetingService meetings;

    CitationController(CitationRows rows, CitableLines lines, RemarkService remarks, MeetingService meetings) {
        this.rows = rows;
        this.lines = lines;
        this.remarks = remarks;
        this.meetings = meetings;
    }

    /**
     * A number in some words, and the line it leads to.
     *
     * @param at the line, remark, margin or reference note that holds the words
     * @param written the number as it stands in the words
     * @param folio the folio the line is of record in, or null where it is of record no more
     * @param number the number the line has by now
     */
    record Cites(
            UUID at, String written, @Nullable Integer folio, @Nullable Integer number, String title, String text) {}

    /**
     * Words that cite a line.
     *
     * @param line the cited line
     * @param folio where they are of record, or null for a remark or a private margin
     * @param meetingId the meeting a remark or a margin stands at, otherwise null
     */
    record CitedBy(
            UUID line,
            Written.Place place,
            @Nullable Integer folio,
            @Nullable Integer number,
            @Nullable UUID meetingId,
            String title,
            String text) {}

    /**
     * What is cited in a meeting or reference note, and who cites its lines.
     *
     * @param cites the lines that are cited there
     * @param citedBy the words elsewhere that cite its lines
     */
    record HomeCitations(List<Cites> cites, List<CitedBy> citedBy) {}

    /** What a meeting (its minutes, the remarks on them, one's own margin) or a reference note cites and is cited by. */
    @GetMapping("/api/citations")
    HomeCitations home(@AuthenticationPrincipal SignedIn who, @RequestParam UUID home) {
        List<CitedBy> by = new ArrayList<>();
        List<Citation> citing = rows.of(who.teamId(), who.memberId(), home);
        Map<UUID, CitedLine> citingLines =
                lines.all(who.teamId(), places(citing, p -> p == Written.Place.LINE || p == Written.Place.NOTE));
        Map<UUID, Remark> citingRemarks = new HashMap<>();
        remarks.all(who.teamId(), places(citing, p -> p == Written.Place.REMARK))
                .forEach(r -> citingRemarks.put(r.id(), r));
        for (Citation c : citing) {
            CitedBy view =
                    switch (c.place()) {
                        case LINE, NOTE -> ofLine(c, citingLines.get(c.placeId()));
                        case REMARK ->
                            atMeeting(who, c, citingRemarks.get(c.placeId()).text());
                        case MARGIN -> atMeeting(who, c, "");
                    };
            if (view != null) {
                by.add(view);
            }
        }
        return new HomeCitations(cites(who, rows.in(who.teamId(), who.memberId(), home)), by);
    }

    /** What each of these lines, remarks or other words cites. */
    @GetMapping("/api/citations/at")
    List<Cites> at(
            @AuthenticationPrincipal SignedIn who, @RequestParam @NotEmpty @Size(max = MOST_PLACES) List<UUID> place) {
        return cites(who, rows.at(who.teamId(), who.memberId(), place));
    }

    private List<Cites> cites(SignedIn who, List<Citation> of) {
        Map<UUID, CitedLine> cited =
                lines.all(who.teamId(), of.stream().map(Citation::cited).collect(Collectors.toSet()));
        return of.stream()
                .map(c -> {
                    CitedLine line = cited.get(c.cited());
                    return line == null
                            ? null
                            : new Cites(
                                    c.placeId(), c.written(), line.folio(), line.number(), line.title(), line.text());
                })
                .filter(Objects::nonNull)
                .toList();
    }

    private static Set<UUID> places(List<Citation> citing, Predicate<Written.Place> wanted) {
        return citing.stream()
                .filter(c -> wanted.test(c.place()))
                .map(Citation::placeId)
                .collect(Collectors.toSet());
    }

    /** A draft cites nothing before it is filed. */
    private static @Nullable CitedBy ofLine(Citation c, @Nullable CitedLine line) {
        return line == null || line.folio() == null
                ? null
                : new CitedBy(c.cited(), c.place(), line.folio(), line.number(), null, line.title(), line.text());
    }

    private CitedBy atMeeting(SignedIn who, Citation c, String text) {
        Meeting meeting = meetings.one(who.teamId(), c.home());
        return new CitedBy(c.cited(), c.place(), null, null, meeting.id(), meeting.title(), text);
    }
}
