package org.ledgerlamp.server.calendar;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.common.Texts;

/** Minutes that are to stand below the text of a calendar entry, and whether they do. */
@Entity
@Table(name = "entry_minutes")
class EntryMinutes extends TeamOwned {
    private static final int LONGEST_PROBLEM = 1000;

    @Column(name = "entry_id", updatable = false)
    private UUID entryId;

    @Column(columnDefinition = "longtext")
    private String text;

    @Column(name = "written_at")
    private Instant writtenAt;

    private String problem;

    protected EntryMinutes() {}

    EntryMinutes(CalendarEntry entry) {
        super(entry.teamId());
        this.entryId = entry.id();
    }

    /** Other words are to stand there. */
    void become(String words) {
        text = words;
        writtenAt = null;
        problem = null;
    }

    void written(Instant now) {
        writtenAt = now;
        problem = null;
    }

    void notWritten(String why) {
        problem = Texts.shortened(why, LONGEST_PROBLEM);
    }

    UUID entryId() {
        return entryId;
    }

    String text() {
        return text;
    }
}
