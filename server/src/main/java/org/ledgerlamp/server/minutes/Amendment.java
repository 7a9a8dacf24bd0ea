package org.ledgerlamp.server.minutes;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.TeamOwned;
import tools.jackson.core.type.TypeReference;

/** One thing in a folio that was changed after filing: how it stood before the sitting, and how it stands since. */
@Entity
class Amendment extends TeamOwned {
    @Column(name = "minutes_id", updatable = false)
    private UUID minutesId;

    @Column(updatable = false)
    private int revision;

    @Column(name = "line_id", updatable = false)
    private UUID lineId;

    @Column(name = "attendance_id", updatable = false)
    private UUID attendanceId;

    @Column(name = "member_id", updatable = false)
    private UUID memberId;

    @Column(name = "made_at")
    private Instant madeAt;

    @Convert(converter = StandColumn.class)
    @Column(columnDefinition = "longtext", updatable = false)
    private Stand was;

    @Convert(converter = StandColumn.class)
    @Column(columnDefinition = "longtext")
    private Stand became;

    protected Amendment() {}

    /** How a line, or somebody's attendance, stands at a time. */
    record Stand(@Nullable LineFacts line, @Nullable Boolean present) {
        static Stand of(LineFacts line) {
            return new Stand(line, null);
        }

        static Stand ofAttendance(@Nullable Boolean present) {
            return new Stand(null, present);
        }
    }

    /** @param was how it stood before; null where the line is new */
    static Amendment ofLine(
            MinutesLine line, int revision, UUID memberId, Instant at, @Nullable Stand was, Stand became) {
        Amendment made = new Amendment(line.teamId(), line.minutesId(), revision, memberId, at, was, became);
        made.lineId = line.id();
        return made;
    }

    static Amendment ofAttendance(
            Attendance attendance, int revision, UUID memberId, Instant at, Stand was, Stand became) {
        Amendment made =
                new Amendment(attendance.teamId(), attendance.minutesId(), revision, memberId, at, was, became);
        made.attendanceId = attendance.id();
        return made;
    }

    private Amendment(
            UUID teamId, UUID minutesId, int revision, UUID memberId, Instant at, @Nullable Stand was, Stand became) {
        super(teamId);
        this.minutesId = minutesId;
        this.revision = revision;
        this.memberId = memberId;
        this.madeAt = at;
        this.was = was;
        this.became = became;
    }

    /** The same thing was changed once more in the same sitting. */
    void goOn(Stand now, Instant at) {
        became = now;
        madeAt = at;
    }

    /** Whether in the end nothing is different. */
    boolean isNothing() {
        return became.equals(was);
    }

    int revision() {
        return revision;
    }

    @Nullable
    UUID lineId() {
        return lineId;
    }

    @Nullable
    UUID attendanceId() {
        return attendanceId;
    }

    UUID memberId() {
        return memberId;
    }

    Instant madeAt() {
        return madeAt;
    }

    @Nullable
    Stand was() {
        return was;
    }

    Stand became() {
        return became;
    }

    @Converter
    static class StandColumn extends JsonColumn<Stand> {
        StandColumn() {
            super(new TypeReference<>() {});
        }
    }
}
