-- Invitations that came as files: their bytes are kept before anything is tried with them.
CREATE TABLE dropped_invitation (
    id        UUID         NOT NULL PRIMARY KEY,
    team_id   UUID         NOT NULL REFERENCES team (id),
    member_id UUID         NOT NULL REFERENCES member (id),
    name      VARCHAR(255) NOT NULL,
    came_at   DATETIME(6)  NOT NULL,
    bytes     LONGBLOB     NOT NULL
);
