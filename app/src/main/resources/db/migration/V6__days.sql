-- What visitors meet from a later day on, where slides of a publication have days.
CREATE TABLE publication_stage (
    publication_id TEXT NOT NULL REFERENCES publication (id),
    from_day       TEXT NOT NULL,
    fragment       TEXT NOT NULL,
    page           TEXT NOT NULL,
    policy         TEXT NOT NULL,
    first_files    TEXT NOT NULL,
    PRIMARY KEY (publication_id, from_day)
) STRICT;
