-- How much of the talk minutes keep; empty where they keep what their template says.
ALTER TABLE minutes ADD COLUMN detail VARCHAR(20);
