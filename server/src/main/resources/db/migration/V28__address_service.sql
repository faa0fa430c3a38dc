-- What an address service outside last said of a place.
ALTER TABLE place
    ADD COLUMN IF NOT EXISTS service_verdict VARCHAR(20) COMMENT 'YES, UNIT_MISSING, NO, UNKNOWN; null where it was never asked',
    ADD COLUMN IF NOT EXISTS service_said VARCHAR(300) NOT NULL DEFAULT '',
    ADD COLUMN IF NOT EXISTS service_at DATETIME(6);
