-- What a member may do; whoever came first administers.
ALTER TABLE member ADD COLUMN role VARCHAR(20) NOT NULL DEFAULT 'TAKES_PART';
ALTER TABLE member ADD COLUMN removed_at DATETIME(6);
-- Raised to end all sessions that began before.
ALTER TABLE member ADD COLUMN credentials INT NOT NULL DEFAULT 0;
UPDATE member SET role = 'ADMINISTERS'
WHERE NOT guest AND id IN (SELECT first FROM (SELECT MIN(id) AS first FROM member WHERE NOT guest GROUP BY team_id) AS firsts);

-- There is one first visit; of two at once, one writes this row.
CREATE TABLE first_visit (id INT NOT NULL PRIMARY KEY);
INSERT INTO first_visit SELECT 1 FROM team LIMIT 1;

-- An address by which somebody chooses a password, once. Of the address only a digest is kept.
CREATE TABLE password_link (
    member_id  UUID        NOT NULL PRIMARY KEY REFERENCES member (id),
    digest     CHAR(64)    NOT NULL UNIQUE,
    expires_at DATETIME(6) NOT NULL
);
INSERT INTO password_link SELECT guest_id, digest, expires_at FROM guest_invitation;
DROP TABLE guest_invitation;

-- Refused tries to sign in: of what (a digest), how many, since when.
CREATE TABLE sign_in_try (
    what  CHAR(64)    NOT NULL PRIMARY KEY,
    tries INT         NOT NULL,
    since DATETIME(6) NOT NULL,
    KEY try_since (since)
);

-- From where members signed in before: strangers cannot lock them out there.
CREATE TABLE known_network (
    member_id UUID        NOT NULL REFERENCES member (id),
    network   VARCHAR(60) NOT NULL,
    last_at   DATETIME(6) NOT NULL,
    PRIMARY KEY (member_id, network)
);

-- What a session knows of its member has another shape: everybody signs in anew.
DELETE FROM SPRING_SESSION;
