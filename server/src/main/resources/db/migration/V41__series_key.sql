-- The occurrences of a series are looked up by its name.
alter table meeting add key meeting_series (team_id, series, held_on);
