package org.ledgerlamp.server.links;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.ledgerlamp.core.ledger.SubjectWord;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Keeps what each folio and reference note is about, and finds others that are about the same. */
@Component
public class FolioWords {
    private static final int LONGEST = 120;
    private static final int MOST_RELATED = 8;
    private static final int SHARED_LEAST = 2;
    private static final String BETWEEN = "\u001f";

    private final JdbcTemplate database;

    FolioWords(JdbcTemplate database) {
        this.database = database;
    }

    /**
     * Another folio about the same.
     *
     * @param alike how much the words say that both share
     * @param words these words, the most telling first
     */
    public record Related(UUID folioId, double alike, List<String> words) {}

    /** Says what a folio is about; forgets what was said before. */
    public void keep(UUID teamId, UUID folioId, List<SubjectWord> words) {
        forget(folioId);
        database.batchUpdate(
                "insert into folio_word (folio_id, team_id, stem, word, weight) values (?, ?, ?, ?, ?)",
                words.stream()
                        .filter(w -> w.stem().length() <= LONGEST && w.word().length() <= LONGEST)
                        .map(w -> new Object[] {folioId, teamId, w.stem(), w.word(), w.weight()})
                        .toList());
    }

    public void forget(UUID folioId) {
        database.update("delete from folio_word where folio_id = ?", folioId);
    }

    /** What a folio is about, the most telling first. */
    public List<SubjectWord> of(UUID folioId) {
        return database.query(
                "select stem, word, weight from folio_word where folio_id = ? order by weight desc, stem",
                (row, n) -> new SubjectWord(row.getString(1), row.getString(2), row.getDouble(3)),
                folioId);
    }

    /** The stems a folio is about that others are about, too. */
    public Set<String> shared(UUID teamId, UUID folioId) {
        return new TreeSet<>(database.queryForList(
                "select m.stem from folio_word m where m.folio_id = ? and exists (select w.stem from folio_word w"
                        + " where w.team_id = ? and w.stem = m.stem and w.folio_id <> m.folio_id)",
                String.class,
                folioId,
                teamId));
    }

    /** Folios about the same, the most alike first. */
    public List<Related> related(UUID teamId, UUID folioId) {
        return database.query(
                "select w.folio_id, sum(least(m.weight, w.weight)) alike,"
                        + " group_concat(m.word order by m.weight desc, m.stem separator '" + BETWEEN + "')"
                        + " from folio_word m join folio_word w"
                        + " on w.team_id = ? and w.stem = m.stem and w.folio_id <> m.folio_id where m.folio_id = ?"
                        + " group by w.folio_id having count(*) >= ? order by alike desc, w.folio_id limit ?",
                (row, n) -> new Related(
                        row.getObject(1, UUID.class),
                        row.getDouble(2),
                        Arrays.asList(row.getString(3).split(BETWEEN))),
                teamId,
                folioId,
                SHARED_LEAST,
                MOST_RELATED);
    }
}
