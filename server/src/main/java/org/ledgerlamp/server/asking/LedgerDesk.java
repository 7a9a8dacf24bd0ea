package org.ledgerlamp.server.asking;

import org.ledgerlamp.server.ledger.FoundFolios;
import org.ledgerlamp.server.links.LinkService;
import org.ledgerlamp.server.links.TeamWords;
import org.ledgerlamp.server.minutes.FiledMeetings;
import org.ledgerlamp.server.minutes.MinutesService;
import org.ledgerlamp.server.registers.ActionsOfRecord;
import org.ledgerlamp.server.roster.RosterService;
import org.springframework.stereotype.Component;

/** Where what a question sees of a ledger is had from. */
@Component
record LedgerDesk(
        TeamWords words,
        LikelyFolios likely,
        MinutesService minutes,
        FiledMeetings filed,
        LinkService links,
        ActionsOfRecord actions,
        RosterService roster,
        FoundFolios covers,
        LitNotes notes) {}
