-- The mail server through which a team's letters go. The password is encrypted with the key in the data folder.
CREATE TABLE mail_account (
    id          UUID         NOT NULL PRIMARY KEY,
    team_id     UUID         NOT NULL UNIQUE REFERENCES team (id),
    version     INT          NOT NULL,
    host        VARCHAR(255) NOT NULL,
    port        INT          NOT NULL,
    safety      VARCHAR(20)  NOT NULL,
    username    VARCHAR(254),
    secret      VARBINARY(1000),
    sender      VARCHAR(254) NOT NULL,
    sender_name VARCHAR(120) NOT NULL
);

-- One row a recipient; what was sent at once shares a dispatch.
CREATE TABLE outgoing_letter (
    id           UUID         NOT NULL PRIMARY KEY,
    team_id      UUID         NOT NULL REFERENCES team (id),
    version      INT          NOT NULL,
    dispatch     UUID         NOT NULL,
    kind         VARCHAR(20)  NOT NULL,
    meeting_id   UUID REFERENCES meeting (id),
    sent_by      UUID REFERENCES member (id),
    written_at   DATETIME(6)  NOT NULL,
    name         VARCHAR(120) NOT NULL,
    address      VARCHAR(254) NOT NULL,
    subject      VARCHAR(500) NOT NULL,
    text         LONGTEXT     NOT NULL,
    html         LONGTEXT     NOT NULL,
    state        VARCHAR(20)  NOT NULL,
    attempts     INT          NOT NULL,
    next_try_at  DATETIME(6),
    settled_at   DATETIME(6),
    problem      VARCHAR(1000),
    KEY letter_due (state, next_try_at),
    KEY letter_team (team_id, written_at),
    KEY letter_dispatch (dispatch)
);
