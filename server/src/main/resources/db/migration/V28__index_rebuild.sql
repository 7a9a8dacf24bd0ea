-- How far the search index was rebuilt: there is one row, while it is under way and after the last time.
create table index_rebuild (
    id         int         not null primary key,
    part       int         not null,
    after_id   uuid,
    written    bigint      not null,
    total      bigint      not null,
    begun_at   datetime(6) not null,
    ended_at   datetime(6)
);
