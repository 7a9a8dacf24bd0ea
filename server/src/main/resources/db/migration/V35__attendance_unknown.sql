-- Null where nobody knows: talk that names no speakers tells of few who was there.
alter table attendance modify present boolean null;
