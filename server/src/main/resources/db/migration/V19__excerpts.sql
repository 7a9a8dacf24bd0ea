-- Parts of folios that can be read by whoever has their address. Of the address only a digest is kept.
CREATE TABLE excerpt (
    id          UUID         NOT NULL PRIMARY KEY,
    team_id     UUID         NOT NULL REFERENCES team (id),
    minutes_id  UUID         NOT NULL REFERENCES minutes (id),
    line_ids    LONGTEXT     NOT NULL,
    passages    BOOLEAN      NOT NULL,
    digest      CHAR(64)     NOT NULL UNIQUE,
    passphrase  VARCHAR(200),
    made_by     UUID         NOT NULL REFERENCES member (id),
    made_at     DATETIME(6)  NOT NULL,
    expires_at  DATETIME(6)  NOT NULL,
    revoked_at  DATETIME(6),
    KEY excerpt_minutes (minutes_id)
);

CREATE TABLE excerpt_opening (
    id         UUID        NOT NULL PRIMARY KEY,
    team_id    UUID        NOT NULL REFERENCES team (id),
    excerpt_id UUID        NOT NULL REFERENCES excerpt (id) ON DELETE CASCADE,
    opened_at  DATETIME(6) NOT NULL,
    sender     VARCHAR(80) NOT NULL,
    granted    BOOLEAN     NOT NULL,
    KEY opening_excerpt (excerpt_id, opened_at)
);
