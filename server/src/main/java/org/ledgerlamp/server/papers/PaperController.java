package org.ledgerlamp.server.papers;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.ledgerlamp.core.exchange.ActionsFile;
import org.ledgerlamp.core.exchange.ActionsFile.Action;
import org.ledgerlamp.core.exchange.HouseDocument;
import org.ledgerlamp.core.minutes.FairCopy;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.acts.Course;
import org.ledgerlamp.server.common.AuditKind;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.minutes.FairCopies;
import org.ledgerlamp.server.minutes.LineKind;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Folios as files; that one was made is written down. */
@RestController
@Transactional
class PaperController {
    private final MinutesService minutes;
    private final FairCopies copies;
    private final ActService acts;
    private final RosterService roster;
    private final HouseSheets sheets;
    private final Auditor auditor;

    PaperController(
            MinutesService minutes,
            FairCopies copies,
            ActService acts,
            RosterService roster,
            HouseSheets sheets,
            Auditor auditor) {
        this.auditor = auditor;
        this.minutes = minutes;
        this.copies = copies;
        this.acts = acts;
        this.roster = roster;
        this.sheets = sheets;
    }

    /** What a folio's actions can be written as. */
    enum ActionForm {
        /** Tasks of iCalendar. */
        ics,
        csv
    }

    /** A folio as a file, named as its template says. */
    @GetMapping("/api/folios/{number}/paper")
    ResponseEntity<byte[]> paper(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable int number,
            @RequestParam PaperForm form,
            @RequestParam(defaultValue = "false") boolean passages) {
        Minutes folio = minutes.folio(who.teamId(), number);
        auditor.note(who, AuditKind.EXPORTED, "folio " + number + " as " + form);
        FairCopy copy = form == PaperForm.json ? copies.withSource(folio) : copies.of(folio);
        return Downloads.of(copy.fileName() + "." + form, form.write(copy, passages));
    }

    /** A folio set in the team's house document. */
    @GetMapping("/api/folios/{number}/house-paper")
    ResponseEntity<byte[]> housePaper(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        FairCopy copy = copies.of(minutes.folio(who.teamId(), number));
        auditor.note(who, AuditKind.EXPORTED, "folio " + number + " in the house document");
        byte[] house = sheets.findByTeamId(who.teamId())
                .map(HouseSheet::bytes)
                .orElseThrow(() -> Refusal.notFound("house document"));
        return Downloads.of(copy.fileName() + ".docx", HouseDocument.fill(house, copy));
    }

    /** The actions of a folio, with what became of them. */
    @GetMapping("/api/folios/{number}/actions")
    ResponseEntity<byte[]> actions(
            @AuthenticationPrincipal SignedIn who, @PathVariable int number, @RequestParam ActionForm form) {
        Minutes folio = minutes.folio(who.teamId(), number);
        List<Action> actions = actions(folio);
        String file =
                switch (form) {
                    case ics -> ActionsFile.calendar(actions);
                    case csv -> ActionsFile.table(actions);
                };
        return Downloads.of(folio.fileName() + ", actions." + form, file.getBytes(StandardCharsets.UTF_8));
    }

    private List<Action> actions(Minutes folio) {
        List<MinutesLine> lines = minutes.lines(folio).stream()
                .filter(l -> l.kind() == LineKind.ACTION && l.folio() != null)
                .toList();
        Map<UUID, Course> courses =
                acts.courses(folio.teamId(), lines.stream().map(MinutesLine::id).toList());
        Map<UUID, String> names = roster.names(folio.teamId());
        List<Action> actions = new ArrayList<>();
        for (MinutesLine line : lines) {
            Course course = courses.getOrDefault(line.id(), Course.NONE);
            actions.add(new Action(
                    line.id() + "@ledger-lamp",
                    line.folio() + "." + line.number(),
                    line.text(),
                    Optional.ofNullable(course.owner(line.ownerId()))
                            .map(names::get)
                            .orElse(null),
                    course.due(line.due()),
                    course.isOpen() ? null : course.last().doneOn(),
                    folio.meeting().title(),
                    folio.meeting().date()));
        }
        return actions;
    }
}
