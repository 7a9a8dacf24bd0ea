package org.ledgerlamp.server.calendar;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.net.URI;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.server.common.JsonColumn;
import org.ledgerlamp.server.common.Strings;
import org.ledgerlamp.server.common.TeamOwned;
import org.ledgerlamp.server.common.Texts;
import org.ledgerlamp.server.meetings.MeetingService;
import tools.jackson.core.type.TypeReference;

/** Which entry of a calendar a meeting is, and what was taken over from it last. */
@Entity
@Table(name = "calendar_entry")
class CalendarEntry extends TeamOwned {
    private static final int LONGEST_PROBLEM = 1000;

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

    @Column(name = "made_here", updatable = false)
    private boolean madeHere;

    @Column(updatable = false)
    private String href;

    private String etag;

    @Column(name = "off_there")
    private boolean offThere;

    @Column(name = "written_at")
    private Instant writtenAt;

    private String problem;

    @Convert(converter = FactsColumn.class)
    @Column(columnDefinition = "longtext")
    private MeetingService.Facts theirs;

    @Convert(converter = Strings.class)
    @Column(columnDefinition = "longtext")
    private List<String> clashing;

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

    /** A meeting made here that is to stand in a calendar, as the file at {@code href}. */
    static CalendarEntry madeHere(
            CalendarConnection connection, String uid, URI href, UUID meetingId, MeetingService.Facts facts) {
        CalendarEntry entry = new CalendarEntry(connection, uid, null, meetingId, facts);
        entry.madeHere = true;
        entry.href = href.toString();
        return entry;
    }

    /** Says that the calendar has what is said here, since now. */
    void written(MeetingService.Facts facts, boolean off, @Nullable String tag, Instant now) {
        takenOver = facts;
        offThere = off;
        etag = tag;
        writtenAt = now;
        problem = null;
    }

    /** Says why it could not be written. */
    void notWritten(String why) {
        problem = Texts.shortened(why, LONGEST_PROBLEM);
    }

    void standsAs(@Nullable String tag) {
        etag = tag;
    }

    /** Remembers what the calendar said where the same was changed here, until somebody has chosen. */
    void clashesWith(MeetingService.Facts said, List<Carried> about) {
        Set<Carried> all = clashing();
        theirs = theirs == null ? said : FactsMerge.taking(all, said, theirs);
        all.addAll(about);
        clashing = all.stream().map(Carried::name).toList();
    }

    void settled() {
        theirs = null;
        clashing = null;
    }

    /** What was changed here and there, until somebody has chosen. */
    Set<Carried> clashing() {
        Set<Carried> all = EnumSet.noneOf(Carried.class);
        if (clashing != null) {
            clashing.forEach(c -> all.add(Carried.valueOf(c)));
        }
        return all;
    }

    void callOffThere(boolean off) {
        offThere = off;
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

    UUID connectionId() {
        return connectionId;
    }

    /** Whether the meeting was made here and is written to the calendar, not the other way round. */
    boolean isMadeHere() {
        return madeHere;
    }

    /** Where its file stands; null where it was not made here. */
    @Nullable
    URI href() {
        return href == null ? null : URI.create(href);
    }

    /** The tag that its file last had, or null. */
    @Nullable
    String etag() {
        return etag;
    }

    /** Whether the calendar says that it does not take place. */
    boolean isOffThere() {
        return offThere;
    }

    /** When it was last written, or null. */
    @Nullable
    Instant writtenAt() {
        return writtenAt;
    }

    /** Why it could not be written the last time, or null. */
    @Nullable
    String problem() {
        return problem;
    }

    /** What the calendar said where the same was changed here too, or null. */
    MeetingService.@Nullable Facts theirs() {
        return theirs;
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
