package org.ledgerlamp.server.links;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.minutes.LineState;
import org.ledgerlamp.server.minutes.Minutes;
import org.ledgerlamp.server.minutes.MinutesLine;
import org.ledgerlamp.server.minutes.MinutesService;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** What hangs together across folios, over HTTP. */
@RestController
@Transactional
class LinkController {
    private final LinkService links;
    private final LinkDeeds deeds;
    private final MinutesService minutes;

    LinkController(LinkService links, LinkDeeds deeds, MinutesService minutes) {
        this.links = links;
        this.deeds = deeds;
        this.minutes = minutes;
    }

    /** What is to become of a link. */
    record Turned(@NotNull LineState state) {}

    /**
     * The links of a folio.
     *
     * @param linked whether it has been looked through yet
     * @param says what it says of earlier lines, the plainest first; also what was dismissed
     * @param said what later folios say of its lines
     */
    record FolioLinks(boolean linked, List<LinkView> says, List<LinkView> said) {}

    @GetMapping("/api/folios/{number}/links")
    FolioLinks ofFolio(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        Minutes folio = minutes.folio(who.teamId(), number);
        List<UUID> own = minutes.lines(folio).stream()
                .filter(l -> l.folio() != null)
                .map(MinutesLine::id)
                .toList();
        List<LineLink> said = own.isEmpty()
                ? List.of()
                : links.after(who.teamId(), own).values().stream()
                        .flatMap(Collection::stream)
                        .toList();
        return new FolioLinks(folio.isLinked(), views(who, links.of(folio)), views(who, said));
    }

    @PutMapping("/api/links/{id}")
    LinkView turn(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @Valid @RequestBody Turned turned,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        return views(who, List.of(deeds.turn(who, id, turned.state(), ifMatch))).getFirst();
    }

    private List<LinkView> views(SignedIn who, List<LineLink> of) {
        Map<UUID, MinutesLine> lines = minutes
                .linesOfRecord(
                        who.teamId(),
                        of.stream()
                                .flatMap(l -> Stream.of(l.earlierLine(), l.laterLine()))
                                .filter(Objects::nonNull)
                                .collect(Collectors.toSet()))
                .stream()
                .collect(Collectors.toMap(MinutesLine::id, Function.identity()));
        Map<UUID, Minutes> later = links.foliosOf(who.teamId(), of);
        List<LinkView> views = new ArrayList<>();
        for (LineLink link : of) {
            MinutesLine earlier = lines.get(link.earlierLine());
            Minutes by = later.get(link.laterMinutes());
            if (earlier != null && by != null) {
                views.add(
                        LinkView.of(link, earlier, by, link.laterLine() == null ? null : lines.get(link.laterLine())));
            }
        }
        return views;
    }
}
