-- Files attached to meetings. One whose content is not what its name says is kept, but not handed on.
CREATE TABLE attachment (
    id          UUID         NOT NULL PRIMARY KEY,
    team_id     UUID         NOT NULL REFERENCES team (id),
    meeting_id  UUID         NOT NULL REFERENCES meeting (id),
    member_id   UUID         NOT NULL REFERENCES member (id),
    name        VARCHAR(255) NOT NULL,
    size        INT          NOT NULL,
    type        VARCHAR(60),
    problem     VARCHAR(300),
    attached_at DATETIME(6)  NOT NULL,
    removed_at  DATETIME(6),
    KEY attachment_meeting (meeting_id)
);

CREATE TABLE attachment_original (
    attachment_id UUID     NOT NULL PRIMARY KEY REFERENCES attachment (id),
    bytes         LONGBLOB NOT NULL
);
