package org.ledgerlamp.server.attachments;

import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.AccessService;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.Downloads;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Attachments over HTTP. */
@RestController
class AttachmentController {
    private final AttachmentService attachments;
    private final AccessService access;

    AttachmentController(AttachmentService attachments, AccessService access) {
        this.attachments = attachments;
        this.access = access;
    }

    /**
     * A file attached to a meeting, without its bytes.
     *
     * @param problem why it is held back, or null
     * @param mine whether whoever asks attached it
     */
    record AttachmentView(
            UUID id,
            String name,
            int size,
            @Nullable String type,
            @Nullable String problem,
            String by,
            boolean mine,
            Instant attachedAt) {}

    @GetMapping("/api/meetings/{id}/attachments")
    List<AttachmentView> of(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Map<UUID, String> names = access.memberNames(who.teamId());
        return attachments.of(who.teamId(), id).stream()
                .map(a -> view(a, who, names))
                .toList();
    }

    @PostMapping(path = "/api/meetings/{id}/attachments", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    AttachmentView attach(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestParam MultipartFile file)
            throws IOException {
        String name = String.valueOf(file.getOriginalFilename());
        return view(attachments.attach(who, id, name, file.getBytes()), who, Map.of(who.memberId(), who.name()));
    }

    /** The bytes as they came, always as a download. */
    @GetMapping("/api/attachments/{id}")
    ResponseEntity<byte[]> bytes(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return Downloads.of(attachments.one(who.teamId(), id).name(), attachments.bytes(who, id));
    }

    @DeleteMapping("/api/attachments/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        attachments.remove(who.teamId(), id);
    }

    @PostMapping("/api/attachments/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        attachments.restore(who.teamId(), id);
    }

    private static AttachmentView view(Attachment a, SignedIn who, Map<UUID, String> names) {
        return new AttachmentView(
                a.id(),
                a.name(),
                a.size(),
                a.type(),
                a.problem(),
                names.getOrDefault(a.memberId(), ""),
                who.memberId().equals(a.memberId()),
                a.attachedAt());
    }
}
