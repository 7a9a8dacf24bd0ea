package org.ledgerlamp.server.acts;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What was done about a line so far, in order; nothing that was taken back.
 *
 * @param acts what was done, earliest first
 */
public record Course(List<Act> acts) {
    /** Nothing was done. */
    public static final Course NONE = new Course(List.of());

    public Course {
        acts = List.copyOf(acts);
    }

    /** What was done last, or null. */
    public Act last() {
        return acts.isEmpty() ? null : acts.getLast();
    }

    /** Whether something is still to be done about it. */
    public boolean isOpen() {
        return acts.isEmpty() || !last().kind().closes();
    }

    /** The day it is due, where it was {@code filed} with one, or null. */
    public LocalDate due(LocalDate filed) {
        return last(ActKind.RE_DATED).map(Act::due).orElse(filed);
    }

    /** Who has it, where it was {@code filed} with an owner, or null. */
    public UUID owner(UUID filed) {
        return last(ActKind.HANDED_OVER).map(Act::ownerId).orElse(filed);
    }

    private Optional<Act> last(ActKind kind) {
        return acts.stream().filter(a -> a.kind() == kind).reduce((a, b) -> b);
    }

    /** What was known in a meeting: what was done before {@code day}, and in the meeting itself. */
    public Course asKnownIn(UUID meetingId, LocalDate day) {
        return new Course(acts.stream()
                .filter(a -> a.doneOn().isBefore(day) || meetingId.equals(a.meetingId()))
                .toList());
    }

    /** Whether something was done about it in a meeting. */
    public boolean isTouchedIn(UUID meetingId) {
        return acts.stream().anyMatch(a -> meetingId.equals(a.meetingId()));
    }
}
