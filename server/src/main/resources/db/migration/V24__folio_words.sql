-- What a folio is about, in the words that tell most. Written in the background, without foreign keys, as links are.
create table folio_word (
    folio_id uuid         not null,
    team_id  uuid         not null,
    stem     varchar(120) not null,
    word     varchar(120) not null,
    weight   double       not null,
    primary key (folio_id, stem),
    key word_stem (team_id, stem, folio_id, weight)
) collate utf8mb4_bin;

