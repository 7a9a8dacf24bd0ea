-- What is over is not looked for in new talk any more, and does not crowd out what is open.
alter table line_subject add column ended boolean not null default false;
drop index subject_spoken_of on line_subject;
create index subject_spoken_of on line_subject (team_id, kind, ended, spoken_of);
update line_subject set ended = true
    where line_id in (select id from register_entry where is_open = false and standing in ('DONE', 'DROPPED'));
