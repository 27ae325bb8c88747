-- People, with their PINs as a hasher writes them. Who was removed stays known: nobody gets their id again.
CREATE TABLE person (
    id         TEXT PRIMARY KEY,
    name       TEXT NOT NULL,
    role       TEXT NOT NULL,
    pin        TEXT NOT NULL,
    removed_at TEXT
) STRICT;
INSERT INTO person (id, name, role, pin) SELECT id, name, role, 'sha256-100000$' || hex(pin_salt) || '$' || hex(pin_hash) FROM staff;
DROP TABLE staff;

-- Sign-ins under way, by the hash of what the browser holds: a copy of this file opens none.
CREATE TABLE session (
    key       TEXT PRIMARY KEY,
    person    TEXT NOT NULL REFERENCES person (id),
    issued_at TEXT NOT NULL,
    seen_at   TEXT NOT NULL
) STRICT;

-- Devices, by the hash of what they hold, and who signed in there before.
CREATE TABLE device (
    key    TEXT NOT NULL,
    person TEXT NOT NULL REFERENCES person (id),
    at     TEXT NOT NULL,
    PRIMARY KEY (key, person)
) STRICT;

-- Whoever began a draft may take it away; for a day it can be brought back.
ALTER TABLE draft ADD COLUMN writer TEXT NOT NULL DEFAULT '';
ALTER TABLE draft ADD COLUMN removed_by TEXT;
ALTER TABLE draft ADD COLUMN removed_at TEXT;
