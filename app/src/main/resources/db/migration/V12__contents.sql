-- Every file that is kept, by its content. A row is committed before its file gets its name, and goes after the file is gone.
-- arriving: somebody is about to refer to it; kept: something refers to it; leaving: nothing does any more.
CREATE TABLE content (
    sha256     TEXT    NOT NULL PRIMARY KEY,
    bytes      INTEGER,          -- null where an earlier release did not write it down
    state      TEXT    NOT NULL CHECK (state IN ('arriving', 'kept', 'leaving')),
    claimed_at INTEGER NOT NULL  -- when somebody brought it last, ms since 1970
) STRICT, WITHOUT ROWID;
CREATE INDEX content_unsettled ON content (state, claimed_at) WHERE state <> 'kept';

INSERT INTO content (sha256, bytes, state, claimed_at)
SELECT sha256, max(bytes), 'kept', 0 FROM (
    SELECT sha256, CASE WHEN video IS NULL AND bytes > 0 THEN bytes END AS bytes FROM picture_version
    UNION ALL SELECT video, CASE WHEN bytes > 0 THEN bytes END FROM picture_version WHERE video IS NOT NULL
    UNION ALL SELECT copy_sha256, NULL FROM picture_version WHERE copy_sha256 IS NOT NULL
    UNION ALL SELECT sha256, bytes FROM rendition
    UNION ALL SELECT sha256, NULL FROM original
    UNION ALL SELECT shown, NULL FROM original
    UNION ALL SELECT sha256, NULL FROM publication_file
) GROUP BY sha256;

-- Which contents nothing refers to any more is asked by content.
CREATE INDEX picture_version_by_copy ON picture_version (copy_sha256) WHERE copy_sha256 IS NOT NULL;

-- Nothing refers to a content that is not there.
CREATE TRIGGER picture_version_refers AFTER INSERT ON picture_version
WHEN NOT EXISTS (SELECT 1 FROM content WHERE sha256 = NEW.sha256 AND state <> 'leaving')
    OR NEW.video IS NOT NULL AND NOT EXISTS (SELECT 1 FROM content WHERE sha256 = NEW.video AND state <> 'leaving')
BEGIN
    SELECT RAISE(ABORT, 'a picture refers to a content that is not kept');
END;
CREATE TRIGGER picture_version_refers_to_copy AFTER UPDATE OF copy_sha256 ON picture_version
WHEN NEW.copy_sha256 IS NOT NULL AND NOT EXISTS (SELECT 1 FROM content WHERE sha256 = NEW.copy_sha256 AND state <> 'leaving')
BEGIN
    SELECT RAISE(ABORT, 'a picture refers to a copy that is not kept');
END;
CREATE TRIGGER rendition_refers AFTER INSERT ON rendition
WHEN NOT EXISTS (SELECT 1 FROM content WHERE sha256 = NEW.sha256 AND state <> 'leaving')
BEGIN
    SELECT RAISE(ABORT, 'a rendition refers to a content that is not kept');
END;
CREATE TRIGGER original_refers AFTER INSERT ON original
WHEN NOT EXISTS (SELECT 1 FROM content WHERE sha256 = NEW.sha256 AND state <> 'leaving')
BEGIN
    SELECT RAISE(ABORT, 'an original is not kept');
END;
CREATE TRIGGER publication_file_refers AFTER INSERT ON publication_file
WHEN NOT EXISTS (SELECT 1 FROM content WHERE sha256 = NEW.sha256 AND state <> 'leaving')
BEGIN
    SELECT RAISE(ABORT, 'a publication refers to a content that is not kept');
END;
