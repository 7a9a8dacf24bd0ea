-- An address in a letter that stands for its recipient: encrypted, and gone once the letter went out.
ALTER TABLE outgoing_letter ADD COLUMN private_address VARBINARY(2000);

-- Letters of before carried it in their words.
UPDATE outgoing_letter SET text = REGEXP_REPLACE(text, '/welcome/[A-Za-z0-9_-]+', '/welcome/...'),
                           html = REGEXP_REPLACE(html, '/welcome/[A-Za-z0-9_-]+', '/welcome/...')
WHERE kind = 'LET_IN' AND state <> 'WAITING';
