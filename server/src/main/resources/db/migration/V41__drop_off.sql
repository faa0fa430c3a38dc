-- Packages reach their carrier by its driver, or are brought to its counter.
ALTER TABLE pickup
    ADD COLUMN IF NOT EXISTS leaves_by VARCHAR(20) NOT NULL DEFAULT 'PICKUP' COMMENT 'PICKUP or DROP_OFF';
ALTER TABLE handover
    ADD COLUMN IF NOT EXISTS leaves_by VARCHAR(20) NOT NULL DEFAULT 'PICKUP' COMMENT 'how it left: PICKUP or DROP_OFF';
