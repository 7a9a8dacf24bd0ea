package org.ledgerlamp.server.calendar;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.meetings.MeetingService;
import tools.jackson.core.type.TypeReference;

/** Which entry of a calendar a meeting is, and what was taken over from it last. */
@Entity
@Table(name = "calendar_entry")
class CalendarEntry extends TeamOwned {
    @Column(name = "connection_id", updatable = false)
    private UUID connectionId;

    @Column(updatable = false)
    private String uid;

    @Column(updatable = false)
    private Instant occurrence;

    @Column(name = "meeting_id", updatable = false)
    private UUID meetingId;

    @Convert(converter = FactsColumn.class)
    @Column(name = "taken_over", columnDefinition = "longtext")
    private MeetingService.Facts takenOver;

    protected CalendarEntry() {}

    CalendarEntry(
            CalendarConnection connection, String uid, Instant occurrence, UUID meetingId, MeetingService.Facts facts) {
        super(connection.teamId());
        this.connectionId = connection.id();
        this.uid = uid;
        this.occurrence = occurrence;
        this.meetingId = meetingId;
        this.takenOver = facts;
    }

    void takeOver(MeetingService.Facts facts) {
        takenOver = facts;
    }

    String uid() {
        return uid;
    }

    /** Which of a series it is, or null. */
    Instant occurrence() {
        return occurrence;
    }

    UUID meetingId() {
        return meetingId;
    }

    MeetingService.Facts takenOver() {
        return takenOver;
    }

    @Converter
    static class FactsColumn extends JsonColumn<MeetingService.Facts> {
        FactsColumn() {
            super(new TypeReference<>() {});
        }
    }
}
