-- A team's own templates. One that is called like a shipped one stands in its place.
CREATE TABLE team_template (
    id       UUID        NOT NULL PRIMARY KEY,
    team_id  UUID        NOT NULL REFERENCES team (id),
    version  INT         NOT NULL,
    name     VARCHAR(80) NOT NULL,
    body     LONGTEXT    NOT NULL,
    archived BOOLEAN     NOT NULL,
    CONSTRAINT template_name UNIQUE (team_id, name)
);

-- The form minutes were given stays with them, whatever becomes of the template.
ALTER TABLE minutes ADD COLUMN form LONGTEXT;
