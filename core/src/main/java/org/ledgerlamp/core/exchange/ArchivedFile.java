package org.ledgerlamp.core.exchange;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import org.ledgerlamp.core.people.Roster;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.SourceDesk;
import org.ledgerlamp.core.source.SourceText;
import org.ledgerlamp.core.source.UnreadableSource;

/**
 * A file out of a pile of old papers: minutes that are a record already, or talk and notes that are yet to be drafted from.
 *
 * @param form what it is
 * @param minutes the record, or null where it is none
 * @param title of the meeting, or null where nothing tells it
 * @param date of the meeting, or null where nothing tells it
 */
public record ArchivedFile(Form form, OldMinutes minutes, String title, LocalDate date) {
    /** What a file is. */
    public enum Form {
        /** Written out by this program. */
        OWN_EXPORT,
        /** Written by a person, as a page. */
        OLD_MINUTES,
        /** A transcript or raw notes. */
        SOURCE
    }

    /** Lines of a page that looks like talk have to say so often that they are decisions or actions. */
    private static final int RECORDED_LEAST = 2;

    /**
     * Says what a file is and what it tells of its meeting.
     *
     * @param bytes the file as it came; not changed
     * @param name of the file
     * @param zone that days are told in
     * @throws UnreadableSource where nothing can be read, naming the place and what was expected
     */
    public static ArchivedFile read(byte[] bytes, String name, SourceDesk desk, Roster roster, ZoneId zone)
            throws UnreadableSource {
        Optional<OldMinutes> own = isText(bytes)
                ? OldMinutesReader.readOwn(SourceText.decode(bytes).text())
                : Optional.empty();
        if (own.isPresent()) {
            return new ArchivedFile(
                    Form.OWN_EXPORT, own.get(), own.get().title(), own.get().date());
        }
        Source source = desk.read(bytes);
        Optional<OldMinutes> old = OldMinutesReader.read(desk.readNotes(bytes), roster, name)
                .filter(minutes -> source.isNotes() || isRecord(minutes));
        if (old.isPresent()) {
            return new ArchivedFile(
                    Form.OLD_MINUTES, old.get(), old.get().title(), old.get().date());
        }
        LocalDate date = source.facts().date();
        if (date == null && source.facts().startedAt() != null) {
            date = LocalDate.ofInstant(source.facts().startedAt(), zone);
        }
        if (date == null) {
            date = FileDay.of(name).orElse(null);
        }
        String title = source.facts().title() == null
                ? OldMinutesReader.titleOf(name)
                : source.facts().title();
        return new ArchivedFile(Form.SOURCE, null, title.isEmpty() ? null : title, date);
    }

    private static boolean isText(byte[] bytes) {
        return bytes.length > 1 && (bytes[0] == '{' || bytes[0] == '-' || bytes[0] == (byte) 0xEF);
    }

    private static boolean isRecord(OldMinutes minutes) {
        return minutes.lines().stream()
                        .filter(l -> l.kind() == Kind.DECISION || l.kind() == Kind.ACTION)
                        .count()
                >= RECORDED_LEAST;
    }
}
