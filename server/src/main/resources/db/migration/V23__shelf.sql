-- A folio or a reference note in one row of the ledger. Follows from minutes, meetings and attendance, and is kept beside
-- them so that a page of the ledger is one range of one key.
create table folio_card (
    id        uuid         not null primary key,
    team_id   uuid         not null references team (id),
    sort      varchar(20)  not null,
    folio     int          not null,
    title     varchar(300) not null,
    held_on   date         not null,
    series    varchar(160) not null,
    kind      varchar(80)  not null,
    decisions int          not null,
    actions   int          not null,
    present   int          not null,
    archived  boolean      not null,
    constraint card_folio unique (team_id, folio),
    key card_day (team_id, archived, held_on, folio),
    key card_number (team_id, archived, folio),
    key card_title (team_id, archived, title, folio),
    key card_decisions (team_id, archived, decisions, folio),
    key card_actions (team_id, archived, actions, folio),
    key card_present (team_id, archived, present, folio),
    key card_series (team_id, archived, series, held_on, folio),
    key card_kind (team_id, archived, kind, held_on, folio)
);

-- By what a folio can be found in the ledger: a row for each of its values. And how many folios have each.
create table folio_facet (
    team_id  uuid         not null,
    folio_id uuid         not null,
    facet    varchar(12)  not null,
    value    varchar(160) not null,
    archived boolean      not null,
    primary key (folio_id, facet, value),
    key facet_value (team_id, archived, facet, value, folio_id)
);

create table facet_count (
    team_id  uuid         not null,
    archived boolean      not null,
    facet    varchar(12)  not null,
    value    varchar(160) not null,
    folios   int          not null,
    primary key (team_id, archived, facet, value)
);

-- Collections, projects and tags: what a member files folios under.
create table label (
    id        uuid        not null primary key,
    team_id   uuid        not null references team (id),
    version   int         not null,
    sort      varchar(12) not null,
    name      varchar(80) not null,
    parent_id uuid references label (id),
    constraint label_name unique (team_id, sort, name)
);

create table labelled (
    folio_id uuid not null,
    label_id uuid not null references label (id),
    primary key (folio_id, label_id),
    key labelled_by (label_id, folio_id)
);

-- A view of the ledger that a member keeps: the address it stands under.
create table saved_view (
    id        uuid          not null primary key,
    team_id   uuid          not null references team (id),
    member_id uuid          not null references member (id),
    name      varchar(80)   not null,
    query     varchar(2000) not null,
    constraint view_name unique (member_id, name)
);
