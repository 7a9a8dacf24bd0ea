package org.ledgerlamp.server.roster;

import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Versions;
import org.ledgerlamp.server.roster.RosterService.BroughtIn;
import org.ledgerlamp.server.roster.RosterService.PersonFacts;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The roster over HTTP. */
@RestController
@RequestMapping("/api/people")
class RosterController {
    private final RosterService roster;

    RosterController(RosterService roster) {
        this.roster = roster;
    }

    record PersonView(
            UUID id, int version, String name, @Nullable String role, @Nullable String email, List<String> aliases) {
        static PersonView of(RosterPerson p) {
            return new PersonView(p.id(), p.version(), p.name(), p.role(), p.email(), p.aliases());
        }
    }

    @GetMapping
    List<PersonView> everybody(@AuthenticationPrincipal SignedIn who) {
        return roster.everybody(who.teamId()).stream().map(PersonView::of).toList();
    }

    @PostMapping
    ResponseEntity<PersonView> add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody PersonFacts facts) {
        RosterPerson person = roster.add(who.teamId(), facts);
        return Versions.tagged(person.version(), PersonView.of(person));
    }

    @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    BroughtIn bringIn(@AuthenticationPrincipal SignedIn who, @RequestParam MultipartFile file) throws IOException {
        String name = file.getOriginalFilename();
        return roster.bringIn(who.teamId(), name == null ? "the file" : name, file.getBytes());
    }

    @PutMapping("/{id}")
    ResponseEntity<PersonView> change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody PersonFacts facts) {
        RosterPerson person = roster.change(who.teamId(), id, facts, ifMatch);
        return Versions.tagged(person.version(), PersonView.of(person));
    }
}
