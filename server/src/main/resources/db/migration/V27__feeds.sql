-- The address under which a member's own due dates can be had by a calendar. Only a digest of it is kept.
create table due_feed (
    member_id uuid        not null primary key references member (id),
    team_id   uuid        not null references team (id),
    digest    char(64)    not null,
    made_at   datetime(6) not null,
    constraint feed_digest unique (digest)
);
