package org.ledgerlamp.server.tray;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.hibernate.id.uuid.UuidVersion7Strategy;
import org.jspecify.annotations.Nullable;
import org.ledgerlamp.core.source.NoteLine;
import org.ledgerlamp.core.source.Source;
import org.ledgerlamp.core.source.Utterance;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes the passages of a source, once. A long talk has a hundred thousand of them: they go to the database as rows, not as
 * entities, and into the search index no sooner than they stand behind a folio.
 */
@Component
class PassageStore {
    private static final int AT_ONCE = 1000;

    private final JdbcTemplate database;

    PassageStore(JdbcTemplate database) {
        this.database = database;
    }

    /** Hears how many passages of a source are written. */
    interface Written {
        void soFar(int passages);
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void write(SourceFile file, Source source, Written written) {
        List<Utterance> all = source.utterances();
        for (int from = 0; from < all.size(); from += AT_ONCE) {
            List<Utterance> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
            database.batchUpdate(
                    "insert into passage (id, team_id, source_id, n, line, speaker, start_ms, end_ms, indent, heading, mark, text)"
                            + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    some,
                    AT_ONCE,
                    (row, u) -> fill(
                            row, file, u, source.isNotes() ? source.noteLines().get(u.n()) : null));
            written.soFar(from + some.size());
        }
    }

    private static void fill(PreparedStatement row, SourceFile file, Utterance u, @Nullable NoteLine note)
            throws SQLException {
        row.setObject(1, newId());
        row.setObject(2, file.teamId());
        row.setObject(3, file.id());
        row.setInt(4, u.n());
        row.setObject(5, note == null ? null : note.line());
        row.setString(6, u.speaker());
        row.setObject(7, millis(u.start()));
        row.setObject(8, millis(u.end()));
        row.setInt(9, note == null ? 0 : note.indent());
        row.setBoolean(10, note != null && note.heading());
        row.setString(11, note == null ? null : note.mark().map(Enum::name).orElse(null));
        row.setString(12, u.text());
    }

    private static UUID newId() {
        return UuidVersion7Strategy.INSTANCE.generateUuid(null);
    }

    private static @Nullable Integer millis(@Nullable Duration duration) {
        return duration == null ? null : (int) duration.toMillis();
    }
}
