-- Networks behind our own walls that a team's calendars and recorders may lie in.
CREATE TABLE allowed_network (
    id      UUID        NOT NULL PRIMARY KEY,
    team_id UUID        NOT NULL REFERENCES team (id),
    network VARCHAR(60) NOT NULL,
    UNIQUE (team_id, network)
);
