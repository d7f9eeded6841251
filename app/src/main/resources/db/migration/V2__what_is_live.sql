-- What was live when: a row each time a reel goes live, is brought back, put back or taken down (no publication).
CREATE TABLE live_change (
    id             INTEGER PRIMARY KEY AUTOINCREMENT,
    reel_id        TEXT    NOT NULL REFERENCES reel (id),
    publication_id TEXT REFERENCES publication (id),
    made_at        INTEGER NOT NULL
) STRICT;
CREATE INDEX live_change_by_reel ON live_change (reel_id, id);
INSERT INTO live_change (reel_id, publication_id, made_at)
SELECT reel.id, publication.id, publication.made_at
FROM reel JOIN publication ON publication.id = reel.live;

-- The height that code for a page keeps free, as it is printed there; what was copied last is at the reel.
ALTER TABLE publication ADD COLUMN reserved TEXT NOT NULL DEFAULT '';
ALTER TABLE reel ADD COLUMN code_taken TEXT;

-- On which pages a reel was seen lately: origin and path of the page, nothing of its visitors.
CREATE TABLE fetched (
    reel_id        TEXT    NOT NULL REFERENCES reel (id),
    page           TEXT    NOT NULL,
    publication_id TEXT,
    way            TEXT    NOT NULL CHECK (way IN ('element', 'frame')),
    at             INTEGER NOT NULL,
    PRIMARY KEY (reel_id, page)
) STRICT, WITHOUT ROWID;

CREATE TABLE setting (
    name  TEXT NOT NULL PRIMARY KEY,
    value TEXT NOT NULL
) STRICT, WITHOUT ROWID;
