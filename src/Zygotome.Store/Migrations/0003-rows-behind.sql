-- What the list says of a job, beside the row it is looked up by, so that looking up reads little. It was made of the job at
-- seq by the program made_by. What another program made, or of an older seq, is behind and made anew; a commit writes none.
CREATE TABLE job_facts (
    job        TEXT PRIMARY KEY,
    seq        INTEGER NOT NULL,
    made_by    TEXT NOT NULL,
    facts      TEXT,
    unreadable TEXT
) STRICT;

ALTER TABLE sheet_list ADD COLUMN made_by TEXT NOT NULL DEFAULT '';
ALTER TABLE sheet_list ADD COLUMN facts TEXT;
