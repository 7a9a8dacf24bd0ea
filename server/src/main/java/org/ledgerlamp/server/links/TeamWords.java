package org.ledgerlamp.server.links;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.ledger.Vocabulary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Counts in how many passages of a team's ledger each word stands. */
@Component
public class TeamWords {
    private static final int LONGEST = 100;
    /** Under no word stands how many passages there are. */
    private static final String ALL = "";

    private final JdbcTemplate database;

    TeamWords(JdbcTemplate database) {
        this.database = database;
    }

    void count(UUID teamId, FiledMeeting meeting) {
        add(teamId, meeting, 1);
    }

    /** Takes back what was counted of a meeting; of a word that stands nowhere else nothing is left. */
    void uncount(UUID teamId, FiledMeeting meeting) {
        add(teamId, meeting, -1);
        database.update("delete from team_word where team_id = ? and passages <= 0 and stem <> ?", teamId, ALL);
    }

    private void add(UUID teamId, FiledMeeting meeting, int times) {
        Map<String, Integer> counted = new TreeMap<>(Vocabulary.counted(meeting));
        counted.put(ALL, meeting.talk().size());
        List<Object[]> counts = counted.entrySet().stream()
                .filter(e -> e.getKey().length() <= LONGEST)
                .map(e -> new Object[] {teamId, e.getKey(), times * e.getValue()})
                .toList();
        database.batchUpdate(
                "insert into team_word (team_id, stem, passages) values (?, ?, ?)"
                        + " on duplicate key update passages = passages + values(passages)",
                counts);
    }

    Vocabulary vocabulary(UUID teamId) {
        Counted counted = counted(teamId);
        return new Vocabulary(counted.passages(), counted.passagesWith());
    }

    /**
     * The words of a team's ledger.
     *
     * @param passages how many passages it has
     * @param passagesWith how many of them hold a stem
     */
    public record Counted(int passages, Map<String, Integer> passagesWith) {}

    /** Counts them as far as folios are linked. */
    public Counted counted(UUID teamId) {
        Map<String, Integer> counts = new HashMap<>();
        database.query(
                "select stem, passages from team_word where team_id = ?",
                row -> {
                    counts.put(row.getString(1), row.getInt(2));
                },
                teamId);
        Integer passages = counts.remove(ALL);
        return new Counted(passages == null ? 0 : passages, counts);
    }
}
