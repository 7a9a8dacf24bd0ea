-- A pile of old minutes and transcripts that is brought in, file by file, in the background.
create table import_run (
    id         uuid         not null primary key,
    team_id    uuid         not null references team (id),
    member_id  uuid         not null references member (id),
    name       varchar(255) not null,
    state      varchar(20)  not null,
    started_at datetime(6)  not null
);

create table import_item (
    id         uuid         not null primary key,
    team_id    uuid         not null,
    run_id     uuid         not null references import_run (id),
    n          int          not null,
    path       varchar(700) not null,
    size       bigint       not null,
    sha256     char(64)     not null,
    bytes      longblob,
    state      varchar(20)  not null,
    reason     longtext,
    folio      int,
    minutes_id uuid,
    meeting_id uuid,
    constraint item_place unique (run_id, n),
    constraint item_path unique (run_id, path),
    key item_state (run_id, state, n),
    key item_bytes (team_id, sha256, state)
);
