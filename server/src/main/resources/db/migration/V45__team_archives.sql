-- A team's data in one file, for those who administer it; made in the background, and deleted after some days.
CREATE TABLE team_archive (
    id          UUID         NOT NULL PRIMARY KEY,
    team_id     UUID         NOT NULL REFERENCES team (id),
    ordered_by  VARCHAR(120) NOT NULL,
    ordered_at  DATETIME(6)  NOT NULL,
    passphrase  VARBINARY(1000),
    finished_at DATETIME(6),
    file        VARCHAR(200),
    bytes       BIGINT       NOT NULL,
    problem     VARCHAR(1000),
    KEY archive_team (team_id, ordered_at)
);
