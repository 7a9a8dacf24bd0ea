package org.ledgerlamp.server.calendar;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.meetings.MeetingService.Facts;

/** What a calendar carries of a meeting, one thing at a time. */
enum Carried {
    TITLE(Facts::title),
    DATE(Facts::date),
    START(Facts::start),
    ZONE(Facts::zone),
    MINUTES(Facts::plannedMinutes),
    PLACE(Facts::location),
    CALL(Facts::link),
    TEXT(Facts::description),
    LABEL(Facts::label),
    PEOPLE(f -> new HashSet<>(f.people())),
    GUESTS(f -> new HashSet<>(f.guests() == null ? List.of() : f.guests()));

    private final Function<Facts, @Nullable Object> of;

    Carried(Function<Facts, @Nullable Object> of) {
        this.of = of;
    }

    @Nullable
    Object of(Facts facts) {
        return of.apply(facts);
    }

    boolean isSame(Facts one, Facts other) {
        return Objects.equals(of(one), of(other));
    }

    /** Whether a calendar would say the same of both. */
    static boolean allSame(Facts one, Facts other) {
        return Arrays.stream(values()).allMatch(c -> c.isSame(one, other));
    }
}
