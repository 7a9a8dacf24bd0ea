package org.ledgerlamp.core.reading;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.Utterance;

/**
 * How long a meeting was and how full of talk.
 *
 * @param length from start to last word, or null where the source has no times
 * @param planned how long it was to last, or null
 * @param startedAfter how long after the planned start the recording began, negative where before; null where either is
 *     unknown
 * @param silence share of the length in which nobody spoke, 0 to 1; null where the source does not say when talk ends
 */
public record TalkFigures(Duration length, Duration planned, Duration startedAfter, Double silence) {
    /** A recording that begins as far from the plan belongs to another meeting, or the clock was wrong. */
    private static final Duration MOST_BESIDE_THE_PLAN = Duration.ofHours(3);

    private static final double THOUSANDTHS = 1000.0;

    /** The figures of {@code source} as the record of {@code meeting}. */
    static TalkFigures of(Source source, MeetingFacts meeting) {
        Integer minutes = meeting.plannedMinutes();
        return new TalkFigures(
                source.length(),
                minutes == null ? null : Duration.ofMinutes(minutes),
                startedAfter(source, meeting),
                silence(source));
    }

    private static Duration startedAfter(Source source, MeetingFacts meeting) {
        Instant began = source.facts().startedAt();
        if (began == null || meeting.start() == null) {
            return null;
        }
        Instant planned = meeting.date()
                .atTime(meeting.start())
                .atZone(meeting.timezone())
                .toInstant();
        Duration after = Duration.between(planned, began);
        return after.abs().compareTo(MOST_BESIDE_THE_PLAN) > 0 ? null : after;
    }

    private static Double silence(Source source) {
        Duration length = source.length();
        List<Utterance> timed = new ArrayList<>(source.utterances().stream()
                .filter(u -> u.start() != null && u.end() != null)
                .sorted(Comparator.comparing(Utterance::start))
                .toList());
        if (length == null
                || length.isZero()
                || timed.size() < source.utterances().size()) {
            return null;
        }
        Duration spoken = Duration.ZERO;
        Duration until = Duration.ZERO;
        for (Utterance u : timed) {
            Duration from = u.start().compareTo(until) > 0 ? u.start() : until;
            if (u.end().compareTo(from) > 0) {
                spoken = spoken.plus(u.end().minus(from));
                until = u.end();
            }
        }
        double share = 1 - (double) spoken.toMillis() / length.toMillis();
        return Math.round(Math.max(0, share) * THOUSANDTHS) / THOUSANDTHS;
    }
}
