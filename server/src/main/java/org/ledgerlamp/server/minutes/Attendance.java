package org.ledgerlamp.server.minutes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.ledgerlamp.core.reading.Presence;
import org.ledgerlamp.server.common.Versioned;

/** Whether somebody was at the meeting, and how much of the talk was theirs. */
@Entity
class Attendance extends Versioned {
    @Column(name = "minutes_id", updatable = false)
    private UUID minutesId;

    private int position;
    private String name;
    private String role;

    @Column(name = "person_id")
    private UUID personId;

    private boolean present;
    private int words;
    private double share;
    private Integer seconds;

    protected Attendance() {}

    Attendance(Minutes minutes, int position, Presence presence, UUID personId) {
        super(minutes.teamId());
        this.minutesId = minutes.id();
        this.position = position;
        this.name = presence.name();
        this.role = presence.role();
        this.personId = personId;
        this.present = presence.present();
        this.words = presence.words();
        this.share = presence.share();
        this.seconds = presence.time() == null ? null : (int) presence.time().toSeconds();
    }

    void setPresent(boolean there) {
        present = there;
    }

    UUID minutesId() {
        return minutesId;
    }

    String name() {
        return name;
    }

    String role() {
        return role;
    }

    UUID personId() {
        return personId;
    }

    boolean isPresent() {
        return present;
    }

    int words() {
        return words;
    }

    double share() {
        return share;
    }

    Integer seconds() {
        return seconds;
    }
}
