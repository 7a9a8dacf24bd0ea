-- The order in which decisions, questions and risks are listed: the latest meeting first, its lines as they stand.
drop index register_held on register_entry;
drop index register_all_held on register_entry;
create index register_held on register_entry (team_id, kind, is_open, held_on desc, folio desc, number);
create index register_all_held on register_entry (team_id, kind, held_on desc, folio desc, number);
