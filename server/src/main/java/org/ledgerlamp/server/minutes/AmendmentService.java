package org.ledgerlamp.server.minutes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.access.SignedIn;
import org.ledgerlamp.server.minutes.Amendment.Stand;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what is changed in a folio after it was filed. What one member changes in one sitting is one revision; a folio as
 * it was filed is revision 1.
 */
@Service
@Transactional
class AmendmentService {
    /** Whoever changes nothing for so long begins another sitting. */
    private static final Duration SITTING = Duration.ofMinutes(15);

    static final int AS_FILED = 1;

    private final Amendments amendments;
    private final Clock clock;

    AmendmentService(Amendments amendments, Clock clock) {
        this.amendments = amendments;
        this.clock = clock;
    }

    /** @param was how the line stood; null where it is new */
    void lineChanged(SignedIn who, Minutes folio, MinutesLine line, @Nullable LineFacts was) {
        Stand before = was == null ? null : Stand.of(was);
        Stand now = Stand.of(LineFacts.of(line));
        if (!now.equals(before)) {
            keep(
                    who,
                    folio,
                    now,
                    a -> line.id().equals(a.lineId()),
                    revision -> Amendment.ofLine(line, revision, who.memberId(), clock.instant(), before, now));
        }
    }

    void attendanceChanged(SignedIn who, Minutes folio, Attendance attendance, @Nullable Boolean was) {
        Stand now = Stand.ofAttendance(attendance.present());
        keep(
                who,
                folio,
                now,
                a -> attendance.id().equals(a.attendanceId()),
                revision -> Amendment.ofAttendance(
                        attendance, revision, who.memberId(), clock.instant(), Stand.ofAttendance(was), now));
    }

    /** Keeps a change: one and the same thing is amended once in a revision, however often it was touched. */
    private void keep(
            SignedIn who, Minutes folio, Stand now, Predicate<Amendment> isOfSame, IntFunction<Amendment> made) {
        int revision = revisionFor(who, folio);
        Optional<Amendment> begun =
                of(folio.id(), revision).stream().filter(isOfSame).findFirst();
        if (begun.isEmpty()) {
            amendments.save(made.apply(revision));
            return;
        }
        begun.get().goOn(now, clock.instant());
        if (begun.get().isNothing()) {
            amendments.delete(begun.get());
        }
    }

    /** The revision that a change of now belongs to: the one under way, or the next. */
    private int revisionFor(SignedIn who, Minutes folio) {
        Amendment last = last(folio).orElse(null);
        if (last == null) {
            return Math.max(AS_FILED, folio.circulatedRevision()) + 1;
        }
        Instant since = clock.instant().minus(SITTING);
        boolean sameSitting = last.memberId().equals(who.memberId())
                && last.madeAt().isAfter(since)
                && last.revision() > folio.circulatedRevision();
        return sameSitting ? last.revision() : last.revision() + 1;
    }

    /** The number of the revision that stands. */
    @Transactional(readOnly = true)
    int revision(Minutes folio) {
        return last(folio).map(Amendment::revision).orElse(AS_FILED);
    }

    private Optional<Amendment> last(Minutes folio) {
        return amendments.findFirstByMinutesIdOrderByRevisionDescMadeAtDesc(folio.id());
    }

    /** What was changed since filing, in order. */
    @Transactional(readOnly = true)
    List<Amendment> all(UUID minutesId) {
        return amendments.findByMinutesIdOrderByRevisionAscMadeAtAsc(minutesId);
    }

    /** What one revision changed, the last change first. */
    @Transactional(readOnly = true)
    List<Amendment> of(UUID minutesId, int revision) {
        return amendments.findByMinutesIdAndRevisionOrderByMadeAtDesc(minutesId, revision);
    }
}
