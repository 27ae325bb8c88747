-- The register: what each changeable row of the house (people, settings, sheets, answers to doubts, pictures) was last said to
-- be, by digest, chained like the journal. A row that was changed by anything but this program differs from it.
CREATE TABLE register (
    seq   INTEGER PRIMARY KEY,
    bytes BLOB NOT NULL,
    hash  BLOB NOT NULL
) STRICT;
CREATE TRIGGER register_no_update BEFORE UPDATE ON register BEGIN SELECT RAISE(ABORT, 'the register is append-only'); END;
CREATE TRIGGER register_no_delete BEFORE DELETE ON register BEGIN SELECT RAISE(ABORT, 'the register is append-only'); END;
CREATE TRIGGER register_no_replace BEFORE INSERT ON register WHEN EXISTS (SELECT 1 FROM register WHERE seq = NEW.seq)
BEGIN SELECT RAISE(ABORT, 'the register is append-only'); END;

-- What is put here and taken away again shows that there is room.
CREATE TABLE room (bytes BLOB) STRICT;
