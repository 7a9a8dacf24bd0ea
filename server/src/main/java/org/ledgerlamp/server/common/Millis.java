package org.ledgerlamp.server.common;

import java.time.Duration;
import org.jspecify.annotations.Nullable;

/** Times within a recording as whole milliseconds, which is how they are kept. */
public final class Millis {
    private Millis() {}

    public static @Nullable Integer of(@Nullable Duration at) {
        return at == null ? null : (int) at.toMillis();
    }
}
