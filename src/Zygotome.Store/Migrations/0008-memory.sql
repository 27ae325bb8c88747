-- What jobs leave for later ones, a list made from their journals, renewed with the commit that changes it.
CREATE TABLE memory (
    job   TEXT NOT NULL,
    topic TEXT NOT NULL,
    of    TEXT NOT NULL,
    seq   INTEGER NOT NULL,
    at    TEXT NOT NULL,
    facts TEXT NOT NULL
) STRICT;

CREATE INDEX memory_of ON memory (topic, of, at);
CREATE INDEX memory_job ON memory (job);
