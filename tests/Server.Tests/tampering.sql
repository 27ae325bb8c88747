-- Each edit of the file past the program, under the words by which it is found. Blank lines stand between.

-- job J-0139, entry 3
UPDATE journal
  SET bytes = CAST(replace(CAST(bytes AS TEXT), 'R. Vane', 'I. Thorne') AS BLOB)
  WHERE job = 'J-0139'
  AND seq = 3;

-- job J-0139, entry 5
DELETE FROM journal WHERE job = 'J-0139' AND seq = 4;

-- the shop's chain breaks here
UPDATE journal SET shop_hash = randomblob(32) WHERE job = 'J-0147' AND seq = 2;

-- its row names another entry
UPDATE journal SET entry_id = 'another' WHERE job = 'J-0147' AND seq = 2;

-- were acknowledged
DELETE FROM journal WHERE shop_seq = (SELECT MAX(shop_seq) FROM journal);

-- is another than was acknowledged
UPDATE journal_head SET shop_hash = randomblob(32);

-- job J-0139, record 1: is missing
DELETE
  FROM blob
  WHERE media_type = 'application/pdf'
  AND hash IN (SELECT json_extract(CAST(bytes AS TEXT), '$.body.pdfHash')
  FROM journal);

-- job J-0139, record 1: has other bytes
UPDATE blob
  SET bytes = x'255044462d'
  WHERE hash IN (SELECT json_extract(CAST(bytes AS TEXT), '$.body.pdfHash')
  FROM journal);

-- record 1: is kept as text/html
UPDATE blob
  SET media_type = 'text/html'
  WHERE hash IN (SELECT json_extract(CAST(bytes AS TEXT), '$.body.pdfHash')
  FROM journal);

-- job J-0148, mail of claim 1: has other bytes
UPDATE blob SET bytes = x'00' WHERE media_type = 'message/rfc822';

-- job J-0148, letter of claim 1: is missing
DELETE FROM blob WHERE hash IN (SELECT json_extract(CAST(bytes AS TEXT), '$.body.letterHash') FROM journal);

-- mail of claim 1: is not in the outbox's list
DELETE FROM mail;

-- mail of claim 1: is listed as ../elsewhere.eml
UPDATE mail SET file = '../elsewhere.eml';

-- paper f00dface: is named by no entry
INSERT INTO blob (hash, media_type, bytes) VALUES ('f00dface', 'application/pdf', x'00');

-- is not kept for this entry any more
DELETE FROM photo_use;

-- has other bytes
UPDATE photo SET bytes = thumb;

-- or its small form: was changed
UPDATE photo SET thumb = bytes;

-- or its small form: was changed
UPDATE photo SET width = 1;

-- or its small form: is missing
DELETE FROM photo;

-- sheet plimsey-1400 revision 1: has other bytes
UPDATE sheet SET bytes = CAST(replace(CAST(bytes AS TEXT), '12', '13') AS BLOB) WHERE id = 'plimsey-1400';

-- sheet plimsey-1400 revision 1: is missing
DELETE FROM sheet WHERE id = 'plimsey-1400';

-- sheet plimsey-1400 revision 7: was put there
UPDATE sheet SET revision = 7 WHERE id = 'plimsey-1400';

-- sheet plimsey-1400 revision 2: was put there
INSERT INTO sheet (id, revision, hash, bytes) VALUES ('plimsey-1400', 2, 'other', x'7b7d');

-- to a doubt: was put there
INSERT INTO flag_answer (sheet, flag, answer, note, by_name, at) SELECT sheet, 'other', answer, note, by_name, at
  FROM flag_answer
  WHERE sheet NOT LIKE 'draft:%'
  LIMIT 1;

-- to a doubt: was changed
UPDATE flag_answer SET by_name = 'I. Thorne' WHERE sheet NOT LIKE 'draft:%';

-- to a doubt: is missing
DELETE FROM flag_answer WHERE sheet NOT LIKE 'draft:%';

-- person rvane: was changed
UPDATE person SET role = 'Lead' WHERE id = 'rvane';

-- person ithorne: was changed
UPDATE person SET pin = (SELECT pin || '' FROM person WHERE id = 'rvane') || 'x' WHERE id = 'ithorne';

-- person x: was put there
INSERT INTO person (id, name, role, pin) VALUES ('x', 'X', 'Lead', '');

-- person msorrel: is missing
DELETE FROM person WHERE id = 'msorrel';

-- the shop's setting shop: was changed
UPDATE setting SET value = replace(value, '"throwTolerance":1.0', '"throwTolerance":9') WHERE key = 'shop';

-- the shop's setting demo-pin: is missing
DELETE FROM setting WHERE key = 'demo-pin';

-- register: entry
UPDATE register SET bytes = CAST(replace(CAST(bytes AS TEXT), 'rvane', 'nobody') AS BLOB) WHERE seq < 8;

-- register: entry 3 is missing
DELETE FROM register WHERE seq = 3;

-- were sealed
DELETE FROM register WHERE seq = (SELECT MAX(seq) FROM register);

-- register: entry 5 cannot be read
UPDATE register SET bytes = x'00' WHERE seq = 5;

-- cannot be read
UPDATE journal SET bytes = x'7b' WHERE job = 'J-0147' AND seq = 2;
