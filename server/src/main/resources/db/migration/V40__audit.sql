-- What happened that is worth finding again; only ever added to.
CREATE TABLE audit_entry (
    id        UUID         NOT NULL PRIMARY KEY,
    team_id   UUID         NOT NULL REFERENCES team (id),
    at        DATETIME(6)  NOT NULL,
    member_id UUID REFERENCES member (id),
    who       VARCHAR(500) NOT NULL,
    kind      VARCHAR(40)  NOT NULL,
    about     VARCHAR(500) NOT NULL,
    network   VARCHAR(60),
    KEY audit_team (team_id, at)
);
