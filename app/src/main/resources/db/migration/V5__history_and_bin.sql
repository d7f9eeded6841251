-- Names that people give to revisions. History itself is only ever added to.
CREATE TABLE named_revision (
    reel_id TEXT    NOT NULL REFERENCES reel (id),
    number  INTEGER NOT NULL,
    name    TEXT    NOT NULL,
    PRIMARY KEY (reel_id, number)
) STRICT, WITHOUT ROWID;

-- What lies in the bin is taken down, and can be taken out again.
ALTER TABLE reel ADD COLUMN binned_at INTEGER;
