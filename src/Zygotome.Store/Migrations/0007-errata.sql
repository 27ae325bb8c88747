-- What jobs proposed to put right in the manual of a kit: a list made from their journals, renewed with the commit that
-- proposes or withdraws one.
CREATE TABLE erratum (
    id    TEXT PRIMARY KEY,
    job   TEXT NOT NULL,
    kit   TEXT NOT NULL,
    at    TEXT NOT NULL,
    facts TEXT NOT NULL
) STRICT;

CREATE INDEX erratum_of_kit ON erratum (kit, at);
CREATE INDEX erratum_of_job ON erratum (job);

-- How a lead answered one: by a revision of the sheet, or that the manual is right (no revision). Never taken back.
CREATE TABLE erratum_answer (
    id       TEXT PRIMARY KEY,
    revision INTEGER,
    how      TEXT NOT NULL,
    by_id    TEXT NOT NULL,
    name     TEXT NOT NULL,
    at       TEXT NOT NULL
) STRICT;
