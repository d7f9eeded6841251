-- Work that could not be done for a moment waits, longer each time: until when (ms since 1970), how often in a row, and for what.
ALTER TABLE job ADD COLUMN due_at INTEGER NOT NULL DEFAULT 0;
ALTER TABLE job ADD COLUMN put_off INTEGER NOT NULL DEFAULT 0;
ALTER TABLE job ADD COLUMN waits_for TEXT;
