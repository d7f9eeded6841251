-- Widths to make, px, space between; empty for what the library itself shows, and for looking at the picture. What failed
-- again and again says why and waits until it is asked for anew.
ALTER TABLE job ADD COLUMN widths TEXT NOT NULL DEFAULT '';
ALTER TABLE job ADD COLUMN problem TEXT;
CREATE INDEX job_by_version ON job (version_id);

-- The document that visitors meet: with the slides that a followed set gave at that moment, or without what was withdrawn.
ALTER TABLE publication ADD COLUMN document TEXT NOT NULL DEFAULT '';
UPDATE publication SET document = (
    SELECT document FROM revision WHERE revision.reel_id = publication.reel_id AND revision.number = publication.revision
);

-- Which files of a version are live.
CREATE INDEX rendition_by_content ON rendition (sha256);

-- The library counts without reading what is seen in every picture.
CREATE INDEX picture_version_failed ON picture_version (id) WHERE state = 'failed';
CREATE INDEX picture_version_by_size ON picture_version (bytes);
CREATE INDEX member_by_place ON member (set_id, position);
