ALTER TABLE record_source
    ADD COLUMN IF NOT EXISTS query TEXT COMMENT 'the SELECT of the shop''s that a database is read by';
