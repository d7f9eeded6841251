-- What a picture says of itself beyond its words.
ALTER TABLE picture ADD COLUMN credit TEXT NOT NULL DEFAULT '';
ALTER TABLE picture ADD COLUMN link TEXT NOT NULL DEFAULT '';
ALTER TABLE picture ADD COLUMN taken_at TEXT;
ALTER TABLE picture ADD COLUMN binned_at INTEGER;
-- Name and words in small letters without accents, for searching.
ALTER TABLE picture ADD COLUMN sought TEXT NOT NULL DEFAULT '';
-- The version that is shown; earlier ones stay, so that replacing can be undone.
ALTER TABLE picture ADD COLUMN version_id INTEGER REFERENCES picture_version (id);
UPDATE picture SET version_id = (SELECT max(id) FROM picture_version WHERE picture_id = picture.id), sought = lower(name);
CREATE INDEX picture_by_age ON picture (binned_at, added_at);

-- How a version was turned and trimmed, the focal point where somebody chose one, and what was seen in its pixels (JSON,
-- once that is known).
ALTER TABLE picture_version ADD COLUMN bytes INTEGER NOT NULL DEFAULT 0;
ALTER TABLE picture_version ADD COLUMN quarters INTEGER NOT NULL DEFAULT 0 CHECK (quarters BETWEEN 0 AND 3);
ALTER TABLE picture_version ADD COLUMN trimmed TEXT NOT NULL DEFAULT '0 0 0 0';
ALTER TABLE picture_version ADD COLUMN focal_x REAL CHECK (focal_x BETWEEN 0 AND 1);
ALTER TABLE picture_version ADD COLUMN focal_y REAL CHECK (focal_y BETWEEN 0 AND 1);
ALTER TABLE picture_version ADD COLUMN note TEXT NOT NULL DEFAULT '';
ALTER TABLE picture_version ADD COLUMN traits TEXT;
ALTER TABLE picture_version ADD COLUMN copy_sha256 TEXT;
ALTER TABLE picture_version ADD COLUMN placeholder BLOB;

CREATE TABLE picture_set (
    id      TEXT    NOT NULL PRIMARY KEY,
    name    TEXT    NOT NULL,
    made_at INTEGER NOT NULL
) STRICT;

CREATE TABLE member (
    set_id     TEXT    NOT NULL REFERENCES picture_set (id) ON DELETE CASCADE,
    picture_id TEXT    NOT NULL REFERENCES picture (id),
    position   INTEGER NOT NULL,
    PRIMARY KEY (set_id, picture_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX member_by_picture ON member (picture_id);
CREATE INDEX reel_picture_by_picture ON reel_picture (picture_id);

-- Which set a reel follows, as its head says.
ALTER TABLE reel ADD COLUMN follows TEXT REFERENCES picture_set (id);
