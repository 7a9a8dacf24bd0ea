-- What is to be done in the background, a table a lane; their columns are those of db-scheduler.
CREATE TABLE job_reading (
    task_name            VARCHAR(100) NOT NULL,
    task_instance        VARCHAR(100) NOT NULL,
    task_data            BLOB,
    execution_time       DATETIME(6)  NOT NULL,
    picked               BOOLEAN      NOT NULL,
    picked_by            VARCHAR(100),
    last_success         DATETIME(6),
    last_failure         DATETIME(6),
    consecutive_failures INT,
    last_heartbeat       DATETIME(6),
    version              BIGINT       NOT NULL,
    priority             SMALLINT,
    PRIMARY KEY (task_name, task_instance),
    KEY reading_due (execution_time),
    KEY reading_heartbeat (last_heartbeat)
);
CREATE TABLE job_drafting LIKE job_reading;
CREATE TABLE job_importing LIKE job_reading;
CREATE TABLE job_linking LIKE job_reading;

-- A draft that was asked for, kept from the moment it was accepted.
CREATE TABLE drafting (
    id         UUID         NOT NULL PRIMARY KEY,
    team_id    UUID         NOT NULL REFERENCES team (id),
    member_id  UUID         NOT NULL REFERENCES member (id),
    meeting_id UUID         NOT NULL REFERENCES meeting (id),
    asked      BOOLEAN      NOT NULL,
    template   VARCHAR(80),
    detail     VARCHAR(20),
    state      VARCHAR(20)  NOT NULL,
    sentences  INT          NOT NULL,
    minutes_id UUID,
    problem    VARCHAR(1000),
    begun_at   DATETIME(6)  NOT NULL,
    KEY drafting_team (team_id, state)
);

-- A talk is read once; its passages hold all that was read, and say by which version of the reader.
ALTER TABLE passage ADD COLUMN line INT;
ALTER TABLE source_file ADD COLUMN read_as_notes BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE source_file ADD COLUMN reader_version INT NOT NULL DEFAULT 0;
