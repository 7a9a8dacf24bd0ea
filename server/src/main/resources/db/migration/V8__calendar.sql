-- Calendars that meetings come from. The secret is encrypted with the key in the data folder.
CREATE TABLE calendar_connection (
    id           UUID          NOT NULL PRIMARY KEY,
    team_id      UUID          NOT NULL REFERENCES team (id),
    version      INT           NOT NULL,
    member_id    UUID          NOT NULL REFERENCES member (id),
    kind         VARCHAR(20)   NOT NULL,
    name         VARCHAR(120)  NOT NULL,
    address      VARCHAR(1000) NOT NULL,
    username     VARCHAR(254),
    secret       VARBINARY(1000),
    tried_at     DATETIME(6),
    reached_at   DATETIME(6),
    problem      VARCHAR(1000),
    KEY connection_member (member_id)
);

-- Which entry of a calendar a meeting is. What was taken over last is kept, so that what a person changed since stays.
CREATE TABLE calendar_entry (
    id            UUID         NOT NULL PRIMARY KEY,
    team_id       UUID         NOT NULL REFERENCES team (id),
    connection_id UUID         NOT NULL REFERENCES calendar_connection (id) ON DELETE CASCADE,
    uid           VARCHAR(500) NOT NULL,
    occurrence    DATETIME(6),
    meeting_id    UUID         NOT NULL REFERENCES meeting (id),
    taken_over    LONGTEXT     NOT NULL,
    KEY entry_connection (connection_id),
    KEY entry_meeting (meeting_id)
);

ALTER TABLE meeting ADD COLUMN called_off BOOLEAN NOT NULL DEFAULT FALSE;
-- Invited people whom the roster does not know.
ALTER TABLE meeting ADD COLUMN guests LONGTEXT;
