-- A code from an authenticator beside the password; the secret is encrypted like all others.
CREATE TABLE second_factor (
    member_id    UUID           NOT NULL PRIMARY KEY REFERENCES member (id),
    secret       VARBINARY(200) NOT NULL,
    confirmed_at DATETIME(6),
    last_step    BIGINT         NOT NULL
);
-- What opens instead where the authenticator is lost, once each; only digests are kept.
CREATE TABLE recovery_code (
    member_id UUID     NOT NULL REFERENCES member (id),
    digest    CHAR(64) NOT NULL,
    PRIMARY KEY (member_id, digest)
);
