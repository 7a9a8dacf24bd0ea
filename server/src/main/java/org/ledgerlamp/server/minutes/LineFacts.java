package org.ledgerlamp.server.minutes;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** All of a line that a person may set, at once. */
public record LineFacts(
        @NotNull LineKind kind,
        @NotBlank @Size(max = 4000) String text,
        @Nullable UUID ownerId,
        @Nullable LocalDate due,
        @NotNull LineState state) {}
