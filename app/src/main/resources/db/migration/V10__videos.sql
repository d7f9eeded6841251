-- A version may stand for a video: its file, which is kept as it was brought, and how long that lasts, ms (0: it does not say).
ALTER TABLE picture_version ADD COLUMN video TEXT;
ALTER TABLE picture_version ADD COLUMN video_kind TEXT;
ALTER TABLE picture_version ADD COLUMN video_length INTEGER;
CREATE INDEX picture_version_by_video ON picture_version (video) WHERE video IS NOT NULL;
