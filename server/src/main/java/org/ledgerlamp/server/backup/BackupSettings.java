package org.ledgerlamp.server.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.OpenPgp;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How an installation is backed up; whoever runs the machine says so when starting it.
 *
 * @param at when, in the machine's time
 * @param keepDays how long a backup is kept, from 1 day on; the latest that was read back is kept in any case
 * @param folder where they go; without one, {@code backups} beside the data
 * @param keyFile a file with the words they are encrypted with; without one they are not
 */
@ConfigurationProperties("lamp.backup")
record BackupSettings(
        @DefaultValue("02:30") LocalTime at,
        @DefaultValue("14") int keepDays,
        @Nullable Path folder,
        @Nullable Path keyFile) {
    BackupSettings {
        if (keepDays < 1) {
            throw new IllegalArgumentException("lamp.backup.keep-days is " + keepDays + ": it has to be 1 at least");
        }
    }

    boolean isEncrypted() {
        return keyFile != null;
    }

    /** The words they are encrypted with; null where they are not. */
    char @Nullable [] key() throws IOException {
        return keyFile == null ? null : OpenPgp.key(keyFile);
    }
}
