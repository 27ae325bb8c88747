-- Which lead looked through a sheet revision against the paper, once for all jobs on it. Never taken back: a mistake in the
-- sheet is mended by the next revision.
CREATE TABLE sheet_confirmed (
    hash  TEXT PRIMARY KEY,
    by_id TEXT NOT NULL,
    name  TEXT NOT NULL,
    role  TEXT NOT NULL,
    alone INTEGER NOT NULL,
    at    TEXT NOT NULL
) STRICT;
