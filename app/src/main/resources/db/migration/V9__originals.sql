-- Files that are kept as they were brought and shown from a copy: HEIC and AVIF, by the copy that is shown.
CREATE TABLE original (
    shown  TEXT NOT NULL PRIMARY KEY,
    sha256 TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX original_by_content ON original (sha256);
