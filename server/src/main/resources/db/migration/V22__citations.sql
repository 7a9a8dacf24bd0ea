-- Which lines of the ledger are cited where. A citation holds on to the line, so that it survives a new number; the number
-- is kept as it was written, because the words are never changed.
create table citation (
    id         uuid        not null primary key,
    team_id    uuid        not null,
    home_id    uuid        not null,
    place      varchar(20) not null,
    place_id   uuid        not null,
    member_id  uuid,
    cited_id   uuid        not null,
    cited_home uuid        not null,
    folio      int         not null,
    number     int         not null,
    constraint citation_once unique (place_id, folio, number),
    key citation_home (home_id),
    key citation_cited (cited_home)
);
