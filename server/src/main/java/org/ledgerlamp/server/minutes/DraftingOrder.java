package org.ledgerlamp.server.minutes;

import java.util.List;
import java.util.UUID;
import org.ledgerlamp.core.language.Progress;
import org.ledgerlamp.core.minutes.Draft;
import org.ledgerlamp.core.minutes.Drafter;
import org.ledgerlamp.core.minutes.Template;
import org.ledgerlamp.core.reading.MeetingFacts;
import org.ledgerlamp.core.reading.SentenceClassifier;
import org.ledgerlamp.core.source.Shorthand;
import org.ledgerlamp.server.roster.RosterPerson;

/**
 * All it takes to draft a meeting's minutes, so that drafting itself needs no database.
 *
 * @param teamId whose meeting it is
 * @param meetingId the meeting
 * @param sheets its sources, read
 * @param facts what is known of it
 * @param template the form wanted
 * @param roster everybody who may be meant
 * @param shorthand the team's abbreviations, to be written out
 * @param earlier what the ledger says to the questions of the template's sections, in their order
 */
record DraftingOrder(
        UUID teamId,
        UUID meetingId,
        Sheets sheets,
        MeetingFacts facts,
        Template template,
        List<RosterPerson> roster,
        Shorthand shorthand,
        List<EarlierAnswer> earlier) {

    Draft drafted(Progress progress) {
        return new Drafter(SentenceClassifier.shipped(), shorthand)
                .draft(sheets.talk(), sheets.notes(), facts, template, progress);
    }
}
