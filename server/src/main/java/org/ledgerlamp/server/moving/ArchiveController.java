package org.ledgerlamp.server.moving;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** All that a team has in one file, for those who administer it. */
@RestController
class ArchiveController {
    private static final int SHORTEST_PASSPHRASE = 12;
    private static final int LONGEST_PASSPHRASE = 200;

    private final ArchiveDesk desk;

    ArchiveController(ArchiveDesk desk) {
        this.desk = desk;
    }

    /**
     * An archive.
     *
     * @param finishedAt null while it is still to be made
     * @param deletedAt when it is deleted by itself; null while it is still to be made
     * @param file what it is called; null where it was not made
     * @param problem why it was not made, or null
     */
    record ArchiveView(
            UUID id,
            String orderedBy,
            Instant orderedAt,
            @Nullable Instant finishedAt,
            @Nullable Instant deletedAt,
            @Nullable String file,
            long bytes,
            @Nullable String problem) {
        static ArchiveView of(OrderedArchive a) {
            Instant finished = a.finishedAt();
            return new ArchiveView(
                    a.id(),
                    a.orderedBy(),
                    a.orderedAt(),
                    finished,
                    finished == null ? null : finished.plus(ArchiveDesk.KEPT),
                    a.file(),
                    a.bytes(),
                    a.problem());
        }
    }

    /**
     * An order.
     *
     * @param passphrase the archive opens with; of at least 12 characters
     */
    record ArchiveOrder(
            @NotNull
                    @Size(
                            min = SHORTEST_PASSPHRASE,
                            max = LONGEST_PASSPHRASE,
                            message = "a passphrase has at least 12 characters, and at most 200")
                    String passphrase) {}

    /** Those made or being made, latest first. */
    @GetMapping("/api/team-archives")
    List<ArchiveView> all(@AuthenticationPrincipal SignedIn who) {
        return desk.of(who.teamId()).stream().map(ArchiveView::of).toList();
    }

    /** Makes one, in the background. */
    @PostMapping("/api/team-archives")
    @ResponseStatus(HttpStatus.ACCEPTED)
    ArchiveView make(@AuthenticationPrincipal SignedIn who, @RequestBody @Valid ArchiveOrder order) {
        return ArchiveView.of(desk.order(who, order.passphrase()));
    }

    /** The file itself. */
    @GetMapping("/api/team-archives/{id}/file")
    ResponseEntity<Resource> file(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        FileSystemResource file = new FileSystemResource(desk.file(who, id));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.getFilename())
                                .build()
                                .toString())
                .body(file);
    }

    /** Deletes one before its time. */
    @DeleteMapping("/api/team-archives/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        desk.delete(who, id);
    }
}
