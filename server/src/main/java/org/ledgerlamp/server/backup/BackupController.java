package org.ledgerlamp.server.backup;

import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.Auditor;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.common.AuditKind;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The backups of the installation, for those who administer a team. They are never handed out: all teams are in them. */
@RestController
class BackupController {
    private static final int MOST = 100;

    private final Backups backups;
    private final BackupDesk desk;
    private final BackupSettings settings;
    private final Auditor auditor;

    BackupController(Backups backups, BackupDesk desk, BackupSettings settings, Auditor auditor) {
        this.backups = backups;
        this.desk = desk;
        this.settings = settings;
        this.auditor = auditor;
    }

    /**
     * A backup.
     *
     * @param finishedAt null while it is still to be made
     * @param file its name in the folder; null where it was not made
     * @param tried whether all of it was read back for a trial
     * @param problem why it was not made, or null
     */
    record BackupView(
            UUID id,
            boolean nightly,
            Instant due,
            @Nullable Instant finishedAt,
            @Nullable String file,
            long bytes,
            boolean encrypted,
            boolean tried,
            @Nullable String problem) {
        static BackupView of(Backup b) {
            return new BackupView(
                    b.id(),
                    b.isNightly(),
                    b.due(),
                    b.finishedAt(),
                    b.file(),
                    b.bytes(),
                    b.isEncrypted(),
                    b.isTried(),
                    b.problem());
        }
    }

    /**
     * How the installation is backed up.
     *
     * @param folder where they lie on the server
     * @param at when one is made every day, in the server's time
     * @param keepDays for how many days one is kept
     * @param encrypted whether those to come are encrypted
     * @param backups latest first
     */
    record BackupSheet(String folder, LocalTime at, int keepDays, boolean encrypted, List<BackupView> backups) {}

    @GetMapping("/api/backups")
    BackupSheet all() {
        return new BackupSheet(
                desk.folder().toString(),
                settings.at(),
                settings.keepDays(),
                settings.isEncrypted(),
                backups.findByOrderByDueDesc(Limit.of(MOST)).stream()
                        .map(BackupView::of)
                        .toList());
    }

    /** Makes one now, in the background. */
    @PostMapping("/api/backups")
    @ResponseStatus(HttpStatus.ACCEPTED)
    BackupView make(@AuthenticationPrincipal SignedIn who) {
        Backup ordered = desk.orderNow();
        auditor.note(who, AuditKind.BACKUP_ORDERED, "");
        return BackupView.of(ordered);
    }
}
