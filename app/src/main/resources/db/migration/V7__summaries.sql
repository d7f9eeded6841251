-- What lists say of a reel, calculated once for each state of it: head, pictures, set, what is live.
CREATE TABLE summary (
    reel_id    TEXT    NOT NULL PRIMARY KEY REFERENCES reel (id) ON DELETE CASCADE,
    made_of    TEXT    NOT NULL,
    made_by    TEXT    NOT NULL,
    sought     TEXT    NOT NULL,
    state      TEXT    NOT NULL CHECK (state IN ('draft', 'live', 'changed', 'down', 'closed')),
    says       TEXT    NOT NULL,
    strip      TEXT    NOT NULL,
    changed_at INTEGER NOT NULL
) STRICT, WITHOUT ROWID;

-- Which pictures a reel shows larger than they are.
CREATE TABLE soft_picture (
    picture_id TEXT NOT NULL REFERENCES picture (id) ON DELETE CASCADE,
    reel_id    TEXT NOT NULL REFERENCES reel (id) ON DELETE CASCADE,
    PRIMARY KEY (picture_id, reel_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX soft_picture_by_reel ON soft_picture (reel_id);

-- Undo looks at what one window did, without reading documents.
CREATE INDEX revision_by_editor ON revision (reel_id, editor, number, undoes);

-- Lists in order, and which pictures are used, without looking at every row.
CREATE INDEX picture_by_name ON picture (binned_at, lower(name), id);
CREATE INDEX picture_without_alt ON picture (id) WHERE alt = '';

-- Files by content are looked up by the first letters of their names: there are ten of them for a picture.
DROP INDEX rendition_by_content;
CREATE INDEX rendition_by_content ON rendition (substr(sha256, 1, 16));
