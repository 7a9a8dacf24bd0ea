-- Questions that are kept with what the ledger said, to be asked again.
create table kept_question (
    id         uuid         not null primary key,
    version    int          not null,
    team_id    uuid         not null references team (id),
    member_id  uuid         not null references member (id),
    question   varchar(300) not null,
    asked      longtext     not null,
    answered   boolean      not null,
    statements longtext     not null,
    asked_on   date         not null,
    kept_at    datetime(6)  not null,
    index kept_question_team (team_id, kept_at)
);
