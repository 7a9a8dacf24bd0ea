package org.ledgerlamp.server.post;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.exchange.Letter;
import org.ledgerlamp.core.exchange.MinutesLetter;
import org.ledgerlamp.core.exchange.MinutesPdf;
import org.ledgerlamp.core.exchange.MinutesText;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.meetings.Meeting;
import org.ledgerlamp.server.minutes.FairCopies;
import org.ledgerlamp.server.minutes.FilingService;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.roster.RosterPerson;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sends filed minutes to those whom they concern, to each what is of use to them. */
@Service
@Transactional
class MinutesPost {
    private final MinutesService minutes;
    private final FilingService filing;
    private final FairCopies copies;
    private final RosterService roster;
    private final PostRoom room;
    private final TeamDomains domains;

    MinutesPost(
            MinutesService minutes,
            FilingService filing,
            FairCopies copies,
            RosterService roster,
            PostRoom room,
            TeamDomains domains) {
        this.domains = domains;
        this.minutes = minutes;
        this.filing = filing;
        this.copies = copies;
        this.roster = roster;
        this.room = room;
    }

    /** People who can be named together. */
    record Group(String name, List<Reader> readers) {}

    /**
     * To whom a folio may go.
     *
     * @param revision that would go out
     * @param circulated the revision that went out last, or 0
     * @param domains the team's own
     */
    record Circulation(List<Reader> readers, List<Group> groups, int revision, int circulated, List<String> domains) {}

    /** How minutes go out. */
    enum Form {
        /** As the words of the letter. */
        TEXT,
        /** As a PDF file beside a short letter; catch-ups and own actions are words all the same. */
        PDF
    }

    /** Somebody who gets a letter. */
    record Addressed(Recipient recipient, Reader.Part part) {}

    @Transactional(readOnly = true)
    public Circulation circulation(SignedIn who, int folioNumber) {
        Minutes folio = minutes.folio(who.teamId(), folioNumber);
        List<RosterPerson> everybody = roster.everybody(who.teamId());
        Meeting meeting = folio.meeting();
        List<Group> groups = new ArrayList<>();
        groups.add(new Group(
                "Everybody on the roster", readership(who, everybody, meeting).everybody()));
        if (meeting.series() != null) {
            groups.add(new Group(
                    "Whoever was in " + meeting.series() + " before",
                    readership(who, everybody, meeting)
                            .named(minutes.attendeesOfSeries(who.teamId(), meeting.series()))));
        }
        return new Circulation(
                readership(who, everybody, meeting).of(copies.of(folio)),
                groups,
                copies.revision(folio),
                folio.circulatedRevision(),
                domains.of(who.teamId()));
    }

    private static Readership readership(SignedIn who, List<RosterPerson> everybody, Meeting meeting) {
        return new Readership(who, everybody, meeting.guests());
    }

    /** The letter as one reader would get it. */
    @Transactional(readOnly = true)
    public Letter letter(
            SignedIn who, int folioNumber, String reader, Reader.Part part, Form form, @Nullable String cover) {
        return letter(copies.of(minutes.folio(who.teamId(), folioNumber)), reader, part, form, cover);
    }

    private static Letter letter(FairCopy copy, String reader, Reader.Part part, Form form, @Nullable String cover) {
        return switch (part) {
            case WHOLE ->
                form == Form.PDF
                        ? MinutesLetter.attached(copy, cover, reader)
                        : MinutesLetter.whole(copy, cover, reader);
            case CATCH_UP -> MinutesLetter.catchUp(copy, cover, reader);
            case OWN -> MinutesLetter.owned(copy, cover, reader);
        };
    }

    /**
     * Puts the letters out. What goes out as PDF goes out with the same file for all.
     *
     * @param outside whether they are meant to leave the team's own domains
     * @throws Refusal where nobody is left to whom it would go, or they would leave them without being meant to
     */
    void circulate(
            SignedIn who, int folioNumber, Form form, @Nullable String cover, List<Addressed> to, boolean outside) {
        Minutes folio = minutes.folio(who.teamId(), folioNumber);
        FairCopy copy = copies.of(folio);
        Map<Recipient, Letter> whole = new LinkedHashMap<>();
        Map<Recipient, Letter> parts = new LinkedHashMap<>();
        for (Addressed addressed : to) {
            Recipient recipient = addressed.recipient();
            if (!recipient.isSame(who.email())) {
                boolean isWhole = addressed.part() == Reader.Part.WHOLE;
                (isWhole ? whole : parts).put(recipient, letter(copy, recipient.name(), addressed.part(), form, cover));
            }
        }
        if (whole.isEmpty() && parts.isEmpty()) {
            throw Refusal.invalid("Nobody is left to whom it would go: whoever sends minutes gets none.");
        }
        domains.refuseOutside(
                who.teamId(),
                Stream.concat(whole.keySet().stream(), parts.keySet().stream()).toList(),
                outside);
        parts.keySet().removeIf(p -> whole.keySet().stream().anyMatch(w -> w.isSame(p.address())));
        putOut(who, folio, whole, form == Form.PDF ? enclosure(copy) : null);
        putOut(who, folio, parts, null);
        filing.circulated(folio, MinutesText.write(copy, false));
    }

    private void putOut(SignedIn who, Minutes folio, Map<Recipient, Letter> letters, @Nullable Enclosure file) {
        if (!letters.isEmpty()) {
            room.putOut(
                    Dispatch.of(
                            who.teamId(), LetterKind.MINUTES, folio.meeting().id(), who.memberId()),
                    letters,
                    file);
        }
    }

    private static Enclosure enclosure(FairCopy copy) {
        return new Enclosure(copy.fileName() + ".pdf", MinutesPdf.write(copy, false));
    }
}
