-- Deleting a row looks for those that refer to it: without an index every row of these tables would be read for each.
CREATE INDEX picture_by_version ON picture (version_id);
CREATE INDEX live_change_by_publication ON live_change (publication_id);
CREATE INDEX reel_by_followed_set ON reel (follows);
CREATE INDEX reel_by_what_is_live ON reel (live);
