package org.ledgerlamp.server.tray;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.tray.HandIn.HandedIn;
import org.ledgerlamp.server.tray.HandIn.NamedBytes;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Sources with their meetings over HTTP, for programs. */
@RestController
class HandInController {
    private final HandIn handIn;

    HandInController(HandIn handIn) {
        this.handIn = handIn;
    }

    /**
     * Hands a source in with what is known of its meeting.
     *
     * @param file the talk, or notes where there is no talk
     * @param notes notes typed beside the talk, or null
     * @param meeting the meeting as JSON
     */
    @Operation(summary = "Import a source with the facts of its meeting")
    @PostMapping(path = "/api/hand-ins", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    HandedIn take(
            @AuthenticationPrincipal SignedIn who,
            @RequestPart MultipartFile file,
            @RequestPart(required = false) @Nullable MultipartFile notes,
            @RequestParam @Size(max = 1_000_000) String meeting)
            throws IOException {
        return handIn.take(who, named(file), notes == null ? null : named(notes), meeting);
    }

    private static NamedBytes named(MultipartFile file) throws IOException {
        String name = file.getOriginalFilename();
        return new NamedBytes(name == null || name.isBlank() ? "unnamed" : name, file.getBytes());
    }
}
