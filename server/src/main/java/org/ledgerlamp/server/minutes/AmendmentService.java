package org.ledgerlamp.server.minutes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
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
        if (now.equals(before)) {
            return;
        }
        List<Amendment> all = all(folio.id());
        int revision = revisionFor(who, folio, all);
        all.stream()
                .filter(a -> a.revision() == revision && line.id().equals(a.lineId()))
                .findFirst()
                .ifPresentOrElse(
                        a -> goOn(a, now),
                        () -> amendments.save(
                                Amendment.ofLine(line, revision, who.memberId(), clock.instant(), before, now)));
    }

    void attendanceChanged(SignedIn who, Minutes folio, Attendance attendance, boolean was) {
        Stand now = Stand.of(attendance.isPresent());
        List<Amendment> all = all(folio.id());
        int revision = revisionFor(who, folio, all);
        all.stream()
                .filter(a -> a.revision() == revision && attendance.id().equals(a.attendanceId()))
                .findFirst()
                .ifPresentOrElse(
                        a -> goOn(a, now),
                        () -> amendments.save(Amendment.ofAttendance(
                                attendance, revision, who.memberId(), clock.instant(), Stand.of(was), now)));
    }

    private void goOn(Amendment amendment, Stand now) {
        amendment.goOn(now, clock.instant());
        if (amendment.isNothing()) {
            amendments.delete(amendment);
        }
    }

    /** The revision that a change of now belongs to: the one under way, or the next. */
    private int revisionFor(SignedIn who, Minutes folio, List<Amendment> all) {
        if (all.isEmpty()) {
            return Math.max(AS_FILED, folio.circulatedRevision()) + 1;
        }
        Amendment last = all.getLast();
        Instant since = clock.instant().minus(SITTING);
        boolean sameSitting = last.memberId().equals(who.memberId())
                && last.madeAt().isAfter(since)
                && last.revision() > folio.circulatedRevision();
        return sameSitting ? last.revision() : last.revision() + 1;
    }

    /** The number of the revision that stands. */
    @Transactional(readOnly = true)
    int revision(Minutes folio) {
        List<Amendment> all = all(folio.id());
        return all.isEmpty() ? AS_FILED : all.getLast().revision();
    }

    /** What was changed since filing, in order. */
    @Transactional(readOnly = true)
    List<Amendment> all(UUID minutesId) {
        return amendments.findByMinutesIdOrderByRevisionAscMadeAtAsc(minutesId);
    }

    /** What one revision changed, the last change first. */
    @Transactional(readOnly = true)
    List<Amendment> of(UUID minutesId, int revision) {
        return new ArrayList<>(all(minutesId))
                .reversed().stream().filter(a -> a.revision() == revision).toList();
    }

    /** Forgets all of them: the minutes are a draft again. */
    void forget(UUID minutesId) {
        amendments.deleteAll(all(Objects.requireNonNull(minutesId)));
    }
}
