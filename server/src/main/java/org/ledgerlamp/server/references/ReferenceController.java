package org.ledgerlamp.server.references;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Downloads;
import org.ledgerlamp.server.common.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Reference notes over HTTP. */
@RestController
@Transactional
class ReferenceController {
    private final ReferenceService references;
    private final AccessService access;

    ReferenceController(ReferenceService references, AccessService access) {
        this.references = references;
        this.access = access;
    }

    record ParagraphView(UUID id, int number, boolean heading, String text) {}

    /** @param name of the file */
    record ReferenceView(
            UUID id,
            int version,
            int folio,
            String title,
            LocalDate dated,
            String name,
            String filedBy,
            Instant filedAt,
            List<ParagraphView> paragraphs) {}

    record ReferenceFacts(@NotBlank @Size(max = 300) String title, @NotNull LocalDate dated) {}

    @PostMapping(path = "/api/references", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ReferenceView file(@AuthenticationPrincipal SignedIn who, @RequestParam MultipartFile file) throws IOException {
        return view(references.file(who, String.valueOf(file.getOriginalFilename()), file.getBytes()));
    }

    @GetMapping("/api/references/{number}")
    ReferenceView one(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        return view(references.one(who.teamId(), number));
    }

    @PutMapping("/api/references/{number}")
    ReferenceView call(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable int number,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody ReferenceFacts facts) {
        ReferenceNote note = references.one(who.teamId(), number);
        Versions.require(ifMatch, note.version(), () -> view(note));
        return view(references.call(note, facts.title(), facts.dated()));
    }

    /** The file as it came, always as a download. */
    @GetMapping("/api/references/{number}/original")
    ResponseEntity<byte[]> original(@AuthenticationPrincipal SignedIn who, @PathVariable int number) {
        ReferenceNote note = references.one(who.teamId(), number);
        return Downloads.of(note.name(), references.original(note));
    }

    private ReferenceView view(ReferenceNote note) {
        return new ReferenceView(
                note.id(),
                note.version(),
                note.folio(),
                note.title(),
                note.dated(),
                note.name(),
                access.memberNames(note.teamId()).getOrDefault(note.filedBy(), ""),
                note.filedAt(),
                references.lines(note).stream()
                        .map(l -> new ParagraphView(l.id(), l.number(), l.isHeading(), l.text()))
                        .toList());
    }
}
