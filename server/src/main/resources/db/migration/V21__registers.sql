-- Somebody else has it from now on.
alter table act add column owner_id uuid references person (id);

-- How every decision, action, question and risk of record stands now: what the registers list. Follows from lines, acts
-- and links, and is kept beside them so that a page of a register is one range of one key.
create table register_entry (
    id         uuid        not null primary key references minutes_line (id),
    team_id    uuid        not null references team (id),
    minutes_id uuid        not null references minutes (id),
    kind       varchar(20) not null,
    folio      int         not null,
    number     int         not null,
    held_on    date        not null,
    series     varchar(160),
    text       longtext    not null,
    owner_id   uuid references person (id),
    due        date,
    due_key    date        not null,
    standing   varchar(20) not null,
    is_open    boolean     not null,
    contested  boolean     not null,
    last_act   varchar(20),
    act_id     uuid,
    key register_due (team_id, kind, is_open, due_key, folio, number),
    key register_all_due (team_id, kind, due_key, folio, number),
    key register_owner (team_id, kind, owner_id, is_open, due_key, folio, number),
    key register_held (team_id, kind, is_open, held_on, folio, number),
    key register_all_held (team_id, kind, held_on, folio, number),
    key register_minutes (minutes_id)
);

-- What follows is written in the background. It names rows of other tables without holding on to them: a foreign key would lock
-- them while a folio is linked, and people work on them meanwhile.

-- What later minutes say of a line of record.
create table line_link (
    id            uuid        not null primary key,
    team_id       uuid        not null,
    version       int         not null,
    earlier_line  uuid        not null,
    later_minutes uuid        not null,
    later_line    uuid,
    effect        varchar(20) not null,
    due           date,
    owner_id      uuid,
    evidence      longtext    not null,
    strength      double      not null,
    state         varchar(20) not null,
    act_id        uuid,
    key link_earlier (earlier_line),
    key link_later (later_minutes)
);

-- What a line is about, as later talk is searched for it.
create table line_subject (
    line_id    uuid        not null primary key,
    team_id    uuid        not null,
    minutes_id uuid        not null,
    kind       varchar(20) not null,
    held_on    date        not null,
    series     varchar(160),
    subject    longtext    not null,
    spoken_of  date        not null,
    key subject_minutes (minutes_id),
    key subject_spoken_of (team_id, kind, spoken_of)
);

-- How many passages of a team's ledger hold a word; under no word at all, how many there are.
create table team_word (
    team_id  uuid         not null,
    stem     varchar(100) not null,
    passages int          not null,
    primary key (team_id, stem)
) collate utf8mb4_bin;

alter table minutes add column linked boolean not null default false;
alter table minutes add column words_counted boolean not null default false;
create index minutes_to_link on minutes (linked, folio);
