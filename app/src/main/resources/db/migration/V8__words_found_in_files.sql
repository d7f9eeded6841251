-- Which words of a picture were found in its file and not looked at by anybody yet, such as "title alt".
ALTER TABLE picture ADD COLUMN found TEXT NOT NULL DEFAULT '';
