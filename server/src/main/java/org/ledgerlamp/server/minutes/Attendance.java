package org.ledgerlamp.server.minutes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.reading.Attended;
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

    @Nullable
    private Boolean present;

    private int words;
    private double share;
    private Integer seconds;
    private boolean late;
    private int turns;

    @Column(name = "set_by_hand")
    private boolean setByHand;

    protected Attendance() {}

    Attendance(Minutes minutes, int position, Presence presence, UUID personId) {
        super(minutes.teamId());
        this.minutesId = minutes.id();
        this.name = presence.name();
        this.role = presence.role();
        this.personId = personId;
        heard(position, presence);
    }

    /** What was heard of the person; whether they were there stays as a member has set it. */
    final void heard(int at, Presence presence) {
        position = at;
        words = presence.words();
        share = presence.share();
        turns = presence.turns();
        late = presence.late();
        seconds = presence.time() == null ? null : (int) presence.time().toSeconds();
        if (!setByHand) {
            present = presence.unknown() ? null : presence.present();
        }
    }

    boolean isSetByHand() {
        return setByHand;
    }

    boolean isLate() {
        return late;
    }

    int turns() {
        return turns;
    }

    /** @param there null where nobody knows */
    void setPresent(@Nullable Boolean there) {
        present = there;
        setByHand = true;
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

    /** Whether the person was there, or null where nobody knows. */
    @Nullable
    Boolean present() {
        return present;
    }

    Attended attended() {
        return present == null ? Attended.UNKNOWN : Attended.of(present);
    }

    boolean isPresent() {
        return Boolean.TRUE.equals(present);
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
