-- Marks and abbreviations of a team's own; a source keeps the marks that it was read by.
CREATE TABLE shorthand (
    id      UUID     NOT NULL PRIMARY KEY,
    team_id UUID     NOT NULL UNIQUE REFERENCES team (id),
    version INT      NOT NULL,
    content LONGTEXT NOT NULL
);
ALTER TABLE source_file ADD COLUMN read_by LONGTEXT;
