-- Guests are let into single folios or series of a team, and see nothing else of it.
ALTER TABLE member ADD COLUMN guest BOOLEAN NOT NULL DEFAULT FALSE;

CREATE TABLE guest_grant (
    id         UUID        NOT NULL PRIMARY KEY,
    team_id    UUID        NOT NULL REFERENCES team (id),
    guest_id   UUID        NOT NULL REFERENCES member (id),
    minutes_id UUID REFERENCES minutes (id),
    series     VARCHAR(160),
    writes     BOOLEAN     NOT NULL,
    granted_by UUID        NOT NULL REFERENCES member (id),
    granted_at DATETIME(6) NOT NULL,
    revoked_at DATETIME(6),
    KEY grant_guest (guest_id),
    KEY grant_team (team_id)
);

-- A guest chooses a password by an address that is sent to them. Of the address only a digest is kept.
CREATE TABLE guest_invitation (
    guest_id   UUID        NOT NULL PRIMARY KEY REFERENCES member (id),
    digest     CHAR(64)    NOT NULL UNIQUE,
    expires_at DATETIME(6) NOT NULL
);
