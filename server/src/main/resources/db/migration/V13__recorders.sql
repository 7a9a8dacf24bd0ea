-- Recorders that deliver by signed webhook. The secret is encrypted with the key in the data folder.
CREATE TABLE recorder (
    id         UUID         NOT NULL PRIMARY KEY,
    team_id    UUID         NOT NULL REFERENCES team (id),
    version    INT          NOT NULL,
    member_id  UUID         NOT NULL REFERENCES member (id),
    name       VARCHAR(120) NOT NULL,
    box        VARCHAR(64)  NOT NULL UNIQUE,
    control    VARCHAR(1000),
    secret     VARBINARY(1000) NOT NULL,
    heard_at   DATETIME(6)
);

-- A recording in the making, and what became of it.
CREATE TABLE recording (
    id          UUID         NOT NULL PRIMARY KEY,
    team_id     UUID         NOT NULL REFERENCES team (id),
    version     INT          NOT NULL,
    recorder_id UUID         NOT NULL REFERENCES recorder (id) ON DELETE CASCADE,
    called      VARCHAR(200) NOT NULL,
    title       VARCHAR(300),
    started_at  DATETIME(6)  NOT NULL,
    people      LONGTEXT     NOT NULL,
    state       VARCHAR(20)  NOT NULL,
    heard_at    DATETIME(6)  NOT NULL,
    meeting_id  UUID REFERENCES meeting (id),
    source_id   UUID REFERENCES source_file (id),
    UNIQUE KEY recording_called (recorder_id, called),
    KEY recording_meeting (meeting_id)
);

-- What was heard so far, while the recording is in the making.
CREATE TABLE recorded_segment (
    id           UUID NOT NULL PRIMARY KEY,
    recording_id UUID NOT NULL REFERENCES recording (id) ON DELETE CASCADE,
    n            INT  NOT NULL,
    speaker      VARCHAR(300),
    start_ms     INT,
    end_ms       INT,
    text         LONGTEXT NOT NULL,
    UNIQUE KEY segment_n (recording_id, n)
);

-- Deliveries that were taken: one that comes again, word for word and second for second, is a replay.
CREATE TABLE delivery (
    id          UUID         NOT NULL PRIMARY KEY,
    recorder_id UUID         NOT NULL REFERENCES recorder (id) ON DELETE CASCADE,
    called      VARCHAR(200) NOT NULL,
    sent_second BIGINT       NOT NULL,
    came_at     DATETIME(6)  NOT NULL,
    UNIQUE KEY delivery_once (recorder_id, called, sent_second)
);
