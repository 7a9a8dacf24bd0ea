-- A document of the team's own, filed beside folios and numbered with them, and its paragraphs, numbered as lines are.
create table reference_note (
    id        uuid         not null primary key,
    team_id   uuid         not null references team (id),
    version   int          not null,
    folio     int          not null,
    title     varchar(300) not null,
    dated     date         not null,
    name      varchar(255) not null,
    sha256    char(64)     not null,
    filed_at  datetime(6)  not null,
    filed_by  uuid         not null references member (id),
    constraint reference_folio unique (team_id, folio),
    key reference_bytes (team_id, sha256)
);

create table reference_original (
    note_id uuid     not null primary key references reference_note (id),
    bytes   longblob not null
);

create table reference_line (
    id      uuid     not null primary key,
    team_id uuid     not null references team (id),
    note_id uuid     not null references reference_note (id),
    number  int      not null,
    heading boolean  not null,
    text    longtext not null,
    folio   int      not null,
    constraint reference_place unique (note_id, number)
);
