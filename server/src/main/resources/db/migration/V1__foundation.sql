create table team (
    id         uuid         not null primary key,
    name       varchar(120) not null,
    last_folio int          not null default 0
);

create table member (
    id            uuid         not null primary key,
    team_id       uuid         not null references team (id),
    name          varchar(120) not null,
    email         varchar(254) not null,
    password_hash varchar(200) not null,
    constraint member_email unique (email)
);

create table person (
    id      uuid         not null primary key,
    team_id uuid         not null references team (id),
    version int          not null,
    name    varchar(120) not null,
    role    varchar(120),
    email   varchar(254),
    aliases longtext     not null,
    constraint person_name unique (team_id, name)
);

create table meeting (
    id              uuid         not null primary key,
    team_id         uuid         not null references team (id),
    version         int          not null,
    title           varchar(300) not null,
    held_on         date         not null,
    starts_at       time,
    zone            varchar(60)  not null,
    planned_minutes int,
    kind            varchar(80),
    location        varchar(300),
    series          varchar(160),
    agenda          longtext     not null,
    has_minutes     boolean      not null,
    next_meeting    date,
    key meeting_day (team_id, held_on)
);

create table meeting_person (
    meeting_id uuid not null references meeting (id) on delete cascade,
    person_id  uuid not null references person (id),
    primary key (meeting_id, person_id)
);

create table source_file (
    id           uuid         not null primary key,
    team_id      uuid         not null references team (id),
    version      int          not null,
    name         varchar(255) not null,
    size         int          not null,
    sha256       char(64)     not null,
    received_at  datetime(6)  not null,
    received_by  uuid         not null references member (id),
    state        varchar(20)  not null,
    notes        boolean      not null,
    format       varchar(60),
    passages     int          not null,
    seconds      int,
    facts        longtext     not null,
    problems     longtext     not null,
    meeting_id   uuid references meeting (id),
    discarded_at datetime(6),
    key source_tray (team_id, meeting_id, discarded_at)
);

create table source_original (
    source_id uuid     not null primary key references source_file (id),
    bytes     longblob not null
);

create table passage (
    id        uuid not null primary key,
    team_id   uuid not null references team (id),
    source_id uuid not null references source_file (id),
    n         int  not null,
    speaker   varchar(255),
    start_ms  int,
    end_ms    int,
    indent    int  not null,
    heading   boolean not null,
    mark      varchar(20),
    text      longtext not null,
    folio     int,
    constraint passage_place unique (source_id, n)
);

create table minutes (
    id         uuid        not null primary key,
    team_id    uuid        not null references team (id),
    version    int         not null,
    meeting_id uuid        not null references meeting (id),
    template   varchar(80) not null,
    topics     longtext    not null,
    folio      int,
    filed_at   datetime(6),
    filed_by   uuid references member (id),
    constraint minutes_meeting unique (meeting_id),
    constraint minutes_folio unique (team_id, folio)
);

create table attendance (
    id         uuid         not null primary key,
    team_id    uuid         not null references team (id),
    version    int          not null,
    minutes_id uuid         not null references minutes (id),
    position   int          not null,
    name       varchar(255) not null,
    role       varchar(120),
    person_id  uuid references person (id),
    present    boolean      not null,
    words      int          not null,
    share      double       not null,
    seconds    int
);

create table minutes_line (
    id         uuid        not null primary key,
    team_id    uuid        not null references team (id),
    version    int         not null,
    minutes_id uuid        not null references minutes (id),
    position   double      not null,
    number     int,
    kind       varchar(20) not null,
    text       longtext    not null,
    owner_id   uuid references person (id),
    due        date,
    due_words  varchar(200),
    topic      int         not null,
    state      varchar(20) not null,
    drafted    boolean     not null,
    certainty  double      not null,
    grounds    longtext    not null,
    evidence   longtext    not null,
    folio      int,
    key line_minutes (minutes_id)
);
