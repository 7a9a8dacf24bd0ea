-- Remarks on lines of a meeting's page; one may call a member's attention.
CREATE TABLE remark (
    id         UUID        NOT NULL PRIMARY KEY,
    team_id    UUID        NOT NULL REFERENCES team (id),
    meeting_id UUID        NOT NULL REFERENCES meeting (id),
    line_name  UUID        NOT NULL,
    member_id  UUID        NOT NULL REFERENCES member (id),
    for_member UUID REFERENCES member (id),
    text       LONGTEXT    NOT NULL,
    made_at    DATETIME(6) NOT NULL,
    seen       BOOLEAN     NOT NULL,
    KEY remark_meeting (meeting_id),
    KEY remark_for (for_member, seen)
);
