package org.ledgerlamp.server.links;

import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.acts.ActKind;
import org.ledgerlamp.server.acts.ActService;
import org.ledgerlamp.server.acts.ActService.Deed;
import org.ledgerlamp.server.common.Refusal;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.live.Changed;
import org.ledgerlamp.server.minutes.FolioChanged;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Inks links and dismisses them. What is inked is done about the earlier line, as of the later meeting. */
@Service
@Transactional
class LinkDeeds {
    private final LineLinks links;
    private final MinutesService minutes;
    private final ActService acts;
    private final ApplicationEventPublisher events;

    LinkDeeds(LineLinks links, MinutesService minutes, ActService acts, ApplicationEventPublisher events) {
        this.links = links;
        this.minutes = minutes;
        this.acts = acts;
        this.events = events;
    }

    /**
     * Turns a link to ink, to struck, or back to pencil.
     *
     * @throws Refusal where the team has no such link, or somebody else turned it since
     */
    LineLink turn(SignedIn who, UUID id, LineState to, String ifMatch) {
        LineLink link = links.findByIdAndTeamId(id, who.teamId()).orElseThrow(() -> Refusal.notFound("link"));
        Versions.require(ifMatch, link.version(), link::state);
        Minutes later = minutes.one(who.teamId(), link.laterMinutes());
        if (link.actId() != null) {
            acts.takeBack(who.teamId(), link.actId());
        }
        Deed deed = to == LineState.INK ? deed(link, later.meeting().id()) : null;
        link.turn(
                to,
                deed == null ? null : acts.act(who, link.earlierLine(), deed).id());
        links.saveAndFlush(link);
        events.publishEvent(FolioChanged.standing(minutes.line(who.teamId(), link.earlierLine())));
        events.publishEvent(new Changed(who.teamId(), "linked", Map.of("folio", later.folio())));
        return link;
    }

    /** What inking does about the earlier line; null for decisions, whose standing follows from the link itself. */
    private static @Nullable Deed deed(LineLink link, UUID meetingId) {
        return switch (link.effect()) {
            case DONE -> Deed.plain(ActKind.DONE, meetingId);
            case DROPPED -> Deed.plain(ActKind.DROPPED, meetingId);
            case SLIPPED, PARTLY ->
                link.due() == null
                        ? Deed.plain(ActKind.CARRIED, meetingId)
                        : new Deed(ActKind.RE_DATED, link.due(), null, meetingId);
            case HANDED_OVER ->
                link.ownerId() == null
                        ? Deed.plain(ActKind.CARRIED, meetingId)
                        : new Deed(ActKind.HANDED_OVER, null, link.ownerId(), meetingId);
            case SPOKEN_OF -> Deed.plain(ActKind.CARRIED, meetingId);
            case CHANGES, WITHDRAWS, CONFIRMS -> null;
        };
    }
}
