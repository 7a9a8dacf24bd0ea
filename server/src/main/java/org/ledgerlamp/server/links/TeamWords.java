package org.ledgerlamp.server.links;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.ledgerlamp.core.ledger.FiledMeeting;
import org.ledgerlamp.core.ledger.Vocabulary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Counts in how many passages of a team's ledger each word stands. */
@Component
class TeamWords {
    private static final int LONGEST = 100;

    private final JdbcTemplate database;

    TeamWords(JdbcTemplate database) {
        this.database = database;
    }

    void count(UUID teamId, FiledMeeting meeting) {
        List<Object[]> counts = Vocabulary.counted(meeting).entrySet().stream()
                .filter(e -> e.getKey().length() <= LONGEST)
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new Object[] {teamId, e.getKey(), e.getValue()})
                .toList();
        database.batchUpdate(
                "insert into team_word (team_id, stem, passages) values (?, ?, ?)"
                        + " on duplicate key update passages = passages + values(passages)",
                counts);
        database.update(
                "update team set passages = passages + ? where id = ?",
                meeting.talk().size(),
                teamId);
    }

    Vocabulary vocabulary(UUID teamId) {
        Map<String, Integer> counts = new HashMap<>();
        database.query(
                "select stem, passages from team_word where team_id = ?",
                row -> {
                    counts.put(row.getString(1), row.getInt(2));
                },
                teamId);
        Integer passages = database.queryForObject("select passages from team where id = ?", Integer.class, teamId);
        return new Vocabulary(passages == null ? 0 : passages, counts);
    }
}
