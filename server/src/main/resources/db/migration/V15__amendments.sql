-- What changed in folios after they were filed: one row a line and sitting; changes of one sitting share a revision.
CREATE TABLE amendment (
    id            UUID        NOT NULL PRIMARY KEY,
    team_id       UUID        NOT NULL REFERENCES team (id),
    minutes_id    UUID        NOT NULL REFERENCES minutes (id),
    revision      INT         NOT NULL,
    line_id       UUID REFERENCES minutes_line (id),
    attendance_id UUID REFERENCES attendance (id),
    member_id     UUID        NOT NULL REFERENCES member (id),
    made_at       DATETIME(6) NOT NULL,
    was           LONGTEXT,
    became        LONGTEXT,
    KEY amendment_minutes (minutes_id, revision)
);

-- A folio taken back into the spread keeps its number, unless it was the team's last.
ALTER TABLE minutes ADD COLUMN kept_number INT;
-- The revision that was sent out last: what is changed after it makes another one.
ALTER TABLE minutes ADD COLUMN circulated_revision INT;
