-- Answers belong to the section that asks; figures of the talk; who came late; what a member set by hand.
ALTER TABLE minutes_line ADD COLUMN section VARCHAR(200);
ALTER TABLE minutes ADD COLUMN figures LONGTEXT;
ALTER TABLE attendance ADD COLUMN late BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE attendance ADD COLUMN turns INT NOT NULL DEFAULT 0;
ALTER TABLE attendance ADD COLUMN set_by_hand BOOLEAN NOT NULL DEFAULT FALSE;
UPDATE attendance SET set_by_hand = TRUE WHERE version > 0;
-- A source may join a meeting until its minutes are filed.
ALTER TABLE meeting ADD COLUMN has_folio BOOLEAN NOT NULL DEFAULT FALSE;
UPDATE meeting SET has_folio = TRUE WHERE id IN (SELECT meeting_id FROM minutes WHERE folio IS NOT NULL);
