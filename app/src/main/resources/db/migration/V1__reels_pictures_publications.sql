-- A picture is an identity with versions; bytes are files named by their SHA-256, everything about them is here.
CREATE TABLE picture (
    id        TEXT    NOT NULL PRIMARY KEY,
    name      TEXT    NOT NULL,
    title     TEXT    NOT NULL DEFAULT '',
    caption   TEXT    NOT NULL DEFAULT '',
    alt       TEXT    NOT NULL DEFAULT '',
    added_at  INTEGER NOT NULL
) STRICT;

CREATE TABLE picture_version (
    id         INTEGER PRIMARY KEY AUTOINCREMENT,
    picture_id TEXT    NOT NULL REFERENCES picture (id),
    sha256     TEXT    NOT NULL,
    format     TEXT    NOT NULL,
    width      INTEGER NOT NULL CHECK (width > 0),
    height     INTEGER NOT NULL CHECK (height > 0),
    state      TEXT    NOT NULL CHECK (state IN ('waiting', 'ready', 'failed')),
    problem    TEXT,
    added_at   INTEGER NOT NULL
) STRICT;
CREATE INDEX picture_version_by_picture ON picture_version (picture_id, id);
CREATE INDEX picture_version_by_content ON picture_version (sha256);

CREATE TABLE rendition (
    version_id INTEGER NOT NULL REFERENCES picture_version (id),
    width      INTEGER NOT NULL,
    format     TEXT    NOT NULL,
    sha256     TEXT    NOT NULL,
    bytes      INTEGER NOT NULL,
    PRIMARY KEY (version_id, width, format)
) STRICT, WITHOUT ROWID;

-- Work that is done beside requests; a killed process takes it up again.
CREATE TABLE job (
    id         INTEGER PRIMARY KEY AUTOINCREMENT,
    version_id INTEGER NOT NULL REFERENCES picture_version (id),
    priority   INTEGER NOT NULL,
    attempts   INTEGER NOT NULL DEFAULT 0,
    taken_at   INTEGER
) STRICT;

-- A reel is a linear history of immutable revisions; the head is the last of them.
CREATE TABLE reel (
    id         TEXT    NOT NULL PRIMARY KEY,
    slug       TEXT    NOT NULL UNIQUE,
    name       TEXT    NOT NULL,
    head       INTEGER NOT NULL,
    live       TEXT REFERENCES publication (id),
    made_at    INTEGER NOT NULL,
    changed_at INTEGER NOT NULL
) STRICT;

CREATE TABLE revision (
    reel_id  TEXT    NOT NULL REFERENCES reel (id),
    number   INTEGER NOT NULL,
    document TEXT    NOT NULL,
    edit     TEXT    NOT NULL,
    inverse  TEXT    NOT NULL,
    words    TEXT    NOT NULL,
    undoes   INTEGER,
    editor   TEXT    NOT NULL,
    edit_id  TEXT    NOT NULL,
    made_at  INTEGER NOT NULL,
    PRIMARY KEY (reel_id, number),
    UNIQUE (reel_id, edit_id)
) STRICT;

CREATE TABLE reel_picture (
    reel_id    TEXT NOT NULL REFERENCES reel (id),
    picture_id TEXT NOT NULL REFERENCES picture (id),
    PRIMARY KEY (reel_id, picture_id)
) STRICT, WITHOUT ROWID;

-- A publication is immutable; going live and taking down only move reel.live.
CREATE TABLE publication (
    id          TEXT    NOT NULL PRIMARY KEY,
    reel_id     TEXT    NOT NULL REFERENCES reel (id),
    revision    INTEGER NOT NULL,
    fingerprint TEXT    NOT NULL,
    versions    TEXT    NOT NULL,
    fragment    TEXT    NOT NULL,
    page        TEXT    NOT NULL,
    policy      TEXT    NOT NULL,
    made_at     INTEGER NOT NULL
) STRICT;
CREATE INDEX publication_by_reel ON publication (reel_id, made_at);

CREATE TABLE publication_file (
    publication_id TEXT    NOT NULL REFERENCES publication (id),
    sha256         TEXT    NOT NULL,
    format         TEXT    NOT NULL,
    first_width    INTEGER,
    PRIMARY KEY (publication_id, sha256)
) STRICT, WITHOUT ROWID;
CREATE INDEX publication_file_by_content ON publication_file (sha256);

-- The practice site, our stand-in for the editor's own.
CREATE TABLE practice_page (
    slug       TEXT    NOT NULL PRIMARY KEY,
    title      TEXT    NOT NULL,
    position   INTEGER NOT NULL,
    blocks     TEXT    NOT NULL,
    changed_at INTEGER NOT NULL
) STRICT;
