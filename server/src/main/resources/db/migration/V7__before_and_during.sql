-- What a meeting's page holds before it: its call, its invitation, who invited, the template chosen for it.
ALTER TABLE meeting ADD COLUMN link VARCHAR(1000);
ALTER TABLE meeting ADD COLUMN description LONGTEXT;
ALTER TABLE meeting ADD COLUMN organiser VARCHAR(300);
ALTER TABLE meeting ADD COLUMN template VARCHAR(80);

-- What people did about a line of record after it was filed. An act taken back stays, so that the course can be told.
CREATE TABLE act (
    id         UUID        NOT NULL PRIMARY KEY,
    team_id    UUID        NOT NULL REFERENCES team (id),
    line_id    UUID        NOT NULL REFERENCES minutes_line (id),
    kind       VARCHAR(20) NOT NULL,
    due        DATE,
    meeting_id UUID REFERENCES meeting (id),
    done_on    DATE        NOT NULL,
    done_at    DATETIME(6) NOT NULL,
    member_id  UUID        NOT NULL REFERENCES member (id),
    taken_back BOOLEAN     NOT NULL,
    KEY act_line (line_id)
);

-- Lines of other meetings that somebody wants to talk about in this one.
CREATE TABLE pulled_matter (
    meeting_id UUID NOT NULL REFERENCES meeting (id) ON DELETE CASCADE,
    line_id    UUID NOT NULL REFERENCES minutes_line (id),
    PRIMARY KEY (meeting_id, line_id)
);

-- A member's own notes beside a meeting: nobody else's to see.
CREATE TABLE private_margin (
    id         UUID     NOT NULL PRIMARY KEY,
    team_id    UUID     NOT NULL REFERENCES team (id),
    meeting_id UUID     NOT NULL REFERENCES meeting (id),
    member_id  UUID     NOT NULL REFERENCES member (id),
    version    INT      NOT NULL,
    text       LONGTEXT NOT NULL,
    CONSTRAINT margin_of_member UNIQUE (meeting_id, member_id)
);

-- Lines typed while a meeting ran; the browser names each, so that sending one twice makes no second.
CREATE TABLE page_line (
    id          UUID        NOT NULL PRIMARY KEY,
    team_id     UUID        NOT NULL REFERENCES team (id),
    version     INT         NOT NULL,
    meeting_id  UUID        NOT NULL REFERENCES meeting (id),
    name        UUID        NOT NULL,
    member_id   UUID        NOT NULL REFERENCES member (id),
    position    DOUBLE      NOT NULL,
    indent      INT         NOT NULL,
    text        LONGTEXT    NOT NULL,
    agenda_item INT,
    typed_at    DATETIME(6) NOT NULL,
    stamp       BIGINT      NOT NULL,
    beside      BOOLEAN     NOT NULL,
    removed     BOOLEAN     NOT NULL,
    CONSTRAINT page_line_name UNIQUE (meeting_id, name)
);

-- Who types a meeting's notes.
CREATE TABLE pen (
    id         UUID        NOT NULL PRIMARY KEY,
    team_id    UUID        NOT NULL REFERENCES team (id),
    version    INT         NOT NULL,
    meeting_id UUID        NOT NULL UNIQUE REFERENCES meeting (id),
    holder     UUID REFERENCES member (id),
    seen_at    DATETIME(6) NOT NULL,
    asked_by   UUID REFERENCES member (id)
);

-- Notes typed on a meeting's page are a source like any other; handed in anew, they take the place of those before.
ALTER TABLE source_file ADD COLUMN from_page BOOLEAN NOT NULL DEFAULT FALSE;
