package org.ledgerlamp.server.minutes;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A drafting as the browser gets it.
 *
 * @param done sentences read
 * @param all sentences to read, 0 while that is unknown
 * @param minutesId the draft, once there is one
 * @param problem why it failed
 */
record DraftingView(
        UUID id, Drafting.State state, int done, int all, @Nullable UUID minutesId, @Nullable String problem) {}
