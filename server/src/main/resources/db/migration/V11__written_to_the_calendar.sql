-- A word to sort a meeting by, as its calendar has it.
ALTER TABLE meeting ADD COLUMN label VARCHAR(80);

-- A meeting made here stands in a member's calendar as a file of its own; how far the writing has come.
ALTER TABLE calendar_entry ADD COLUMN made_here BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE calendar_entry ADD COLUMN href VARCHAR(1500);
ALTER TABLE calendar_entry ADD COLUMN etag VARCHAR(500);
ALTER TABLE calendar_entry ADD COLUMN off_there BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE calendar_entry ADD COLUMN written_at DATETIME(6);
ALTER TABLE calendar_entry ADD COLUMN problem VARCHAR(1000);
-- What the calendar said where the same was changed here and there.
ALTER TABLE calendar_entry ADD COLUMN theirs LONGTEXT;
ALTER TABLE calendar_entry ADD COLUMN clashing LONGTEXT;
