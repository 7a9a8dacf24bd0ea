-- Copies of everything: what was ordered and what became of it. They are the installation's, not a team's.
CREATE TABLE backup (
    id          UUID        NOT NULL PRIMARY KEY,
    nightly     BOOLEAN     NOT NULL,
    due         DATETIME(6) NOT NULL,
    finished_at DATETIME(6),
    file        VARCHAR(500),
    bytes       BIGINT      NOT NULL,
    encrypted   BOOLEAN     NOT NULL,
    tried       BOOLEAN     NOT NULL,
    problem     VARCHAR(1000),
    KEY backup_due (due)
);
CREATE TABLE job_backup LIKE job_reading;
