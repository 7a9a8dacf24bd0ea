package org.ledgerlamp.server.minutes;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * All of a line that a person may set, at once.
 *
 * @param position its place on the page: between those of its neighbours; null where it stays
 * @param topic index of its topic; null where it stays
 * @param evidence the passages it rests on; null where they stay
 */
public record LineFacts(
        @NotNull LineKind kind,
        @NotBlank @Size(max = 4000) String text,
        @Nullable UUID ownerId,
        @Nullable LocalDate due,
        @NotNull LineState state,
        @Nullable Double position,
        @Nullable @PositiveOrZero Integer topic,
        @Nullable @Size(max = 60) List<@NotNull Basis> evidence) {

    /** What is set of a line that stays where it is and rests on what it rests on. */
    public static LineFacts inPlace(
            LineKind kind, String text, @Nullable UUID ownerId, @Nullable LocalDate due, LineState state) {
        return new LineFacts(kind, text, ownerId, due, state, null, null, null);
    }

    /** How a line stands. */
    static LineFacts of(MinutesLine l) {
        return new LineFacts(
                l.kind(), l.text(), l.ownerId(), l.due(), l.state(), l.position(), l.topic(), l.evidence());
    }

    /** The same line, struck. */
    LineFacts struck() {
        return new LineFacts(kind, text, ownerId, due, LineState.STRUCK, position, topic, evidence);
    }
}
