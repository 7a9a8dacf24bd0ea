package org.ledgerlamp.server.moving;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Which rows of the database are a team's. Tables that name the team are found by themselves; who adds another one says here
 * whose it is, and a test sees to it.
 */
final class TeamTables {
    private static final String TEAM = "team_id = ?";
    private static final String OF_MEMBERS = "member_id in (select id from member where team_id = ?)";
    private static final String OF_MEETINGS = "meeting_id in (select id from meeting where team_id = ?)";

    /** Rows that name the team by something else that is the team's. */
    private static final Map<String, String> BY_WAY_OF = Map.ofEntries(
            Map.entry("team", "id = ?"),
            Map.entry("meeting_person", OF_MEETINGS),
            Map.entry("pulled_matter", OF_MEETINGS),
            Map.entry("source_original", "source_id in (select id from source_file where team_id = ?)"),
            Map.entry("attachment_original", "attachment_id in (select id from attachment where team_id = ?)"),
            Map.entry("reference_original", "note_id in (select id from reference_note where team_id = ?)"),
            Map.entry("dispatch_file", "dispatch in (select dispatch from outgoing_letter where team_id = ?)"),
            Map.entry("delivery", "recorder_id in (select id from recorder where team_id = ?)"),
            Map.entry("recorded_segment", "recording_id in (select id from recording where team_id = ?)"),
            Map.entry("labelled", "label_id in (select id from label where team_id = ?)"),
            Map.entry("password_link", OF_MEMBERS),
            Map.entry("known_network", OF_MEMBERS),
            Map.entry("second_factor", OF_MEMBERS),
            Map.entry("recovery_code", OF_MEMBERS));

    /** What belongs to the installation, or comes and goes by itself; archives are where they were made. */
    private static final String NOBODYS =
            "flyway_.*|spring_session.*|hsearch_.*|job_.*|index_.*|first_visit|sign_in_try|backup|team_archive";

    /** Columns that are encrypted with the installation's own key. */
    static final Map<String, Set<String>> SECRETS = Map.of(
            "mail_account", Set.of("secret"),
            "calendar_connection", Set.of("secret"),
            "recorder", Set.of("secret"),
            "second_factor", Set.of("secret"),
            "outgoing_letter", Set.of("private_address"));

    private TeamTables() {}

    /**
     * The tables with rows of a team in them.
     *
     * @return by name, what holds of a team's rows: a condition with one parameter, the team
     * @throws SQLException where they cannot be looked up
     * @throws IllegalStateException where it is not known whose the rows of a table are
     */
    static Map<String, String> in(Connection database) throws SQLException {
        Map<String, String> conditions = new TreeMap<>();
        Set<String> naming = names(
                database,
                "select table_name from information_schema.columns"
                        + " where table_schema = database() and column_name = 'team_id'");
        for (String table : names(
                database,
                "select table_name from information_schema.tables"
                        + " where table_schema = database() and table_type = 'BASE TABLE'")) {
            if (table.toLowerCase(Locale.ROOT).matches(NOBODYS)) {
                continue;
            }
            String condition = naming.contains(table) ? TEAM : BY_WAY_OF.get(table);
            if (condition == null) {
                throw new IllegalStateException("whose are the rows of " + table + "?");
            }
            conditions.put(table, condition);
        }
        return conditions;
    }

    /** What points at a row that is not there: one statement for each reference from table to table. */
    static List<String> lost(Connection database) throws SQLException {
        return List.copyOf(names(
                database,
                "select concat('select count(*) from `', table_name, '` a left join `', referenced_table_name,"
                        + " '` b on b.`', referenced_column_name, '` = a.`', column_name, '` where a.`', column_name,"
                        + " '` is not null and b.`', referenced_column_name, '` is null')"
                        + " from information_schema.key_column_usage"
                        + " where table_schema = database() and referenced_table_name is not null"));
    }

    private static Set<String> names(Connection database, String query) throws SQLException {
        Set<String> names = new TreeSet<>();
        try (Statement statement = database.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            while (found.next()) {
                names.add(found.getString(1));
            }
        }
        return names;
    }
}
