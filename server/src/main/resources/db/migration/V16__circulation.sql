-- What goes along with the letters of a dispatch.
CREATE TABLE dispatch_file (
    dispatch UUID         NOT NULL PRIMARY KEY,
    name     VARCHAR(255) NOT NULL,
    bytes    LONGBLOB     NOT NULL
);

-- Minutes that are to stand below the text of a calendar entry.
CREATE TABLE entry_minutes (
    id         UUID     NOT NULL PRIMARY KEY,
    team_id    UUID     NOT NULL REFERENCES team (id),
    entry_id   UUID     NOT NULL UNIQUE REFERENCES calendar_entry (id) ON DELETE CASCADE,
    text       LONGTEXT NOT NULL,
    written_at DATETIME(6),
    problem    VARCHAR(1000)
);
