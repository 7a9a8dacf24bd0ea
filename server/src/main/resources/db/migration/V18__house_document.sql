-- A team's own document with placeholders, as it was brought in.
CREATE TABLE house_sheet (
    id         UUID         NOT NULL PRIMARY KEY,
    team_id    UUID         NOT NULL UNIQUE REFERENCES team (id),
    name       VARCHAR(255) NOT NULL,
    bytes      LONGBLOB     NOT NULL,
    brought_at DATETIME(6)  NOT NULL,
    brought_by UUID         NOT NULL REFERENCES member (id)
);
