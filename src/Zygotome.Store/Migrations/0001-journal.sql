-- The journal, the sheets and the blobs are append-only. The BEFORE INSERT triggers also stop INSERT OR REPLACE and upsert,
-- which would otherwise delete or change the row they meet without firing the others.
CREATE TABLE journal (
    shop_seq  INTEGER PRIMARY KEY,
    job       TEXT NOT NULL,
    seq       INTEGER NOT NULL,
    entry_id  TEXT NOT NULL UNIQUE,
    bytes     BLOB NOT NULL,
    hash      BLOB NOT NULL,
    shop_hash BLOB NOT NULL,
    UNIQUE (job, seq)
) STRICT;

CREATE TRIGGER journal_no_update BEFORE UPDATE ON journal BEGIN SELECT RAISE(ABORT, 'the journal is append-only'); END;
CREATE TRIGGER journal_no_delete BEFORE DELETE ON journal BEGIN SELECT RAISE(ABORT, 'the journal is append-only'); END;
CREATE TRIGGER journal_no_replace BEFORE INSERT ON journal
WHEN EXISTS (SELECT 1 FROM journal WHERE entry_id = NEW.entry_id OR (job = NEW.job AND seq = NEW.seq) OR shop_seq = NEW.shop_seq)
BEGIN SELECT RAISE(ABORT, 'the journal is append-only'); END;

-- Where the shop-wide chain ends, so that a missing tail shows.
CREATE TABLE journal_head (
    only      INTEGER PRIMARY KEY CHECK (only = 1),
    shop_seq  INTEGER NOT NULL,
    shop_hash BLOB NOT NULL
) STRICT;
INSERT INTO journal_head (only, shop_seq, shop_hash) VALUES (1, 0, zeroblob(32));

CREATE TABLE blob (
    hash       TEXT PRIMARY KEY,
    media_type TEXT NOT NULL,
    bytes      BLOB NOT NULL
) STRICT;
CREATE TRIGGER blob_no_update BEFORE UPDATE ON blob BEGIN SELECT RAISE(ABORT, 'blobs are append-only'); END;
CREATE TRIGGER blob_no_delete BEFORE DELETE ON blob BEGIN SELECT RAISE(ABORT, 'blobs are append-only'); END;
CREATE TRIGGER blob_no_replace BEFORE INSERT ON blob WHEN EXISTS (SELECT 1 FROM blob WHERE hash = NEW.hash)
BEGIN SELECT RAISE(ABORT, 'blobs are append-only'); END;

CREATE TABLE sheet (
    id       TEXT NOT NULL,
    revision INTEGER NOT NULL,
    hash     TEXT NOT NULL UNIQUE,
    bytes    BLOB NOT NULL,
    PRIMARY KEY (id, revision)
) STRICT;
CREATE TRIGGER sheet_no_update BEFORE UPDATE ON sheet BEGIN SELECT RAISE(ABORT, 'sheet revisions are immutable'); END;
CREATE TRIGGER sheet_no_delete BEFORE DELETE ON sheet BEGIN SELECT RAISE(ABORT, 'sheet revisions are immutable'); END;
CREATE TRIGGER sheet_no_replace BEFORE INSERT ON sheet
WHEN EXISTS (SELECT 1 FROM sheet WHERE hash = NEW.hash OR (id = NEW.id AND revision = NEW.revision))
BEGIN SELECT RAISE(ABORT, 'sheet revisions are immutable'); END;

-- Personal data stays changeable: journals hold only the id, so a person can be erased and the chain still verifies.
CREATE TABLE customer (
    id      TEXT PRIMARY KEY,
    name    TEXT NOT NULL,
    contact TEXT NOT NULL DEFAULT '',
    notes   TEXT NOT NULL DEFAULT ''
) STRICT;

CREATE TABLE staff (
    id       TEXT PRIMARY KEY,
    name     TEXT NOT NULL,
    role     TEXT NOT NULL,
    pin_salt BLOB NOT NULL,
    pin_hash BLOB NOT NULL
) STRICT;

CREATE TABLE setting (
    key   TEXT PRIMARY KEY,
    value TEXT NOT NULL
) STRICT;
