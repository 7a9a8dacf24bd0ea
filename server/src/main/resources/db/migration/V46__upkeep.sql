-- Keeping a team's ledger anew, and writing the search index anew, are orders like all others.
CREATE TABLE ledger_rebuild (
    team_id  UUID        NOT NULL PRIMARY KEY REFERENCES team (id),
    reached  INT         NOT NULL,
    done     INT         NOT NULL,
    folios   INT         NOT NULL,
    begun_at DATETIME(6) NOT NULL,
    ended_at DATETIME(6)
);
CREATE TABLE job_upkeep LIKE job_reading;
