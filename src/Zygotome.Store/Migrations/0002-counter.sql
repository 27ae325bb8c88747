-- Pictures: stored before the entries that name them. One that an entry names is kept for ever; one nobody named is swept.
CREATE TABLE photo (
    hash     TEXT PRIMARY KEY,
    bytes    BLOB NOT NULL,
    thumb    BLOB NOT NULL,
    width    INTEGER NOT NULL,
    height   INTEGER NOT NULL,
    added_at TEXT NOT NULL
) STRICT;
CREATE TABLE photo_use (
    hash     TEXT NOT NULL REFERENCES photo (hash),
    entry_id TEXT NOT NULL,
    PRIMARY KEY (hash, entry_id)
) STRICT;
CREATE TRIGGER photo_no_update BEFORE UPDATE ON photo BEGIN SELECT RAISE(ABORT, 'pictures are not changed'); END;
CREATE TRIGGER photo_used BEFORE DELETE ON photo WHEN EXISTS (SELECT 1 FROM photo_use WHERE hash = OLD.hash)
BEGIN SELECT RAISE(ABORT, 'an entry names this picture'); END;
CREATE TRIGGER photo_no_replace BEFORE INSERT ON photo WHEN EXISTS (SELECT 1 FROM photo WHERE hash = NEW.hash)
BEGIN SELECT RAISE(ABORT, 'pictures are not changed'); END;

-- Mail waiting for the mail service, written with the entry that sends it.
CREATE TABLE mail (
    hash         TEXT PRIMARY KEY REFERENCES blob (hash),
    file         TEXT NOT NULL,
    delivered_at TEXT
) STRICT;

-- Sheets being typed. Each change raises the version, so that two people do not overwrite each other unseen.
CREATE TABLE draft (
    id         TEXT PRIMARY KEY,
    name       TEXT NOT NULL,
    version    INTEGER NOT NULL,
    bytes      BLOB NOT NULL,
    by_name    TEXT NOT NULL,
    changed_at TEXT NOT NULL
) STRICT;

-- What was said of a doubted number: by the sheet's hash, or by the draft while it is one.
CREATE TABLE flag_answer (
    sheet   TEXT NOT NULL,
    flag    TEXT NOT NULL,
    answer  TEXT NOT NULL,
    note    TEXT NOT NULL,
    by_name TEXT NOT NULL,
    at      TEXT NOT NULL,
    seq     INTEGER PRIMARY KEY
) STRICT;
CREATE INDEX flag_answer_sheet ON flag_answer (sheet);

-- What the list of jobs is looked up by. Holds instants and dates, never "late"; made anew from the journal at any time.
CREATE TABLE job_list (
    job         TEXT PRIMARY KEY,
    number      TEXT NOT NULL,
    customer    TEXT NOT NULL,
    kit         TEXT NOT NULL,
    order_id    TEXT NOT NULL,
    promised    TEXT NOT NULL,
    released    INTEGER NOT NULL,
    claim_until TEXT,
    parts_due   TEXT,
    curing      INTEGER NOT NULL,
    words       TEXT NOT NULL
) STRICT;
CREATE INDEX job_list_order ON job_list (released, promised, job);
CREATE INDEX job_list_customer ON job_list (customer);
CREATE INDEX job_list_curing ON job_list (job) WHERE curing = 1;
CREATE INDEX job_list_claims ON job_list (claim_until) WHERE claim_until IS NOT NULL;
CREATE INDEX job_list_parts ON job_list (parts_due) WHERE parts_due IS NOT NULL;
CREATE INDEX job_list_orders ON job_list (order_id) WHERE order_id <> '';
CREATE VIRTUAL TABLE job_words USING fts5 (words, content = 'job_list', content_rowid = 'rowid', tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3');
CREATE TRIGGER job_list_added AFTER INSERT ON job_list BEGIN INSERT INTO job_words (rowid, words) VALUES (NEW.rowid, NEW.words); END;
CREATE TRIGGER job_list_changed AFTER UPDATE OF words ON job_list BEGIN
    INSERT INTO job_words (job_words, rowid, words) VALUES ('delete', OLD.rowid, OLD.words);
    INSERT INTO job_words (rowid, words) VALUES (NEW.rowid, NEW.words);
END;
CREATE TRIGGER job_list_gone AFTER DELETE ON job_list BEGIN INSERT INTO job_words (job_words, rowid, words) VALUES ('delete', OLD.rowid, OLD.words); END;

CREATE VIRTUAL TABLE customer_words USING fts5 (words, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3');
INSERT INTO customer_words (rowid, words) SELECT rowid, name || ' ' || contact || ' ' || notes FROM customer;
CREATE TRIGGER customer_added AFTER INSERT ON customer BEGIN INSERT INTO customer_words (rowid, words) VALUES (NEW.rowid, NEW.name || ' ' || NEW.contact || ' ' || NEW.notes); END;
CREATE TRIGGER customer_changed AFTER UPDATE ON customer BEGIN
    DELETE FROM customer_words WHERE rowid = OLD.rowid;
    INSERT INTO customer_words (rowid, words) VALUES (NEW.rowid, NEW.name || ' ' || NEW.contact || ' ' || NEW.notes);
END;
CREATE TRIGGER customer_gone AFTER DELETE ON customer BEGIN DELETE FROM customer_words WHERE rowid = OLD.rowid; END;

CREATE TABLE sheet_list (
    id       TEXT NOT NULL,
    revision INTEGER NOT NULL,
    name     TEXT NOT NULL,
    words    TEXT NOT NULL,
    PRIMARY KEY (id, revision)
) STRICT;
CREATE VIRTUAL TABLE sheet_words USING fts5 (words, content = 'sheet_list', content_rowid = 'rowid', tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3');
CREATE TRIGGER sheet_list_added AFTER INSERT ON sheet_list BEGIN INSERT INTO sheet_words (rowid, words) VALUES (NEW.rowid, NEW.words); END;
