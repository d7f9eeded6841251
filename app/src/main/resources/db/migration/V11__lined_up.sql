-- A picture may be made of another one by lining it up with a third: a warp, from points of the third to points of the one it is
-- made of, both whole; and for each version where points of its own frame are in that one.
ALTER TABLE picture ADD COLUMN lined_of TEXT REFERENCES picture (id);
ALTER TABLE picture ADD COLUMN lined_with TEXT REFERENCES picture (id);
ALTER TABLE picture ADD COLUMN lined_by TEXT;
ALTER TABLE picture_version ADD COLUMN lined_by TEXT;
CREATE INDEX picture_lined_of ON picture (lined_of) WHERE lined_of IS NOT NULL;
CREATE INDEX picture_lined_with ON picture (lined_with) WHERE lined_with IS NOT NULL;
