-- What a member's own programs sign in with. Only a digest of it is kept.
create table access_token (
    id        uuid         not null primary key,
    team_id   uuid         not null references team (id),
    member_id uuid         not null references member (id),
    name      varchar(120) not null,
    digest    char(64)     not null,
    uses      varchar(120) not null,
    made_at   datetime(6)  not null,
    last_day  date         null,
    used_at   datetime(6)  null,
    constraint token_digest unique (digest),
    index token_member (member_id, made_at)
);
