-- What comes in is kept as it was meant. Each statement can be run again: a migration that was cut off is repeated.

-- Numbers that differ by case or accent are different jobs. They are still found however they are typed.
ALTER TABLE work_order
    MODIFY number VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;
ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS number_plain VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci AS (number) VIRTUAL
        COMMENT 'the number, case and accents aside',
    ADD COLUMN IF NOT EXISTS place_kind VARCHAR(20) COMMENT 'as a person said it; else told from the address'
        AFTER country;
CREATE INDEX IF NOT EXISTS work_order_by_plain_number ON work_order (number_plain);
CREATE INDEX IF NOT EXISTS work_order_by_customer_po ON work_order (customer_po);

-- Faults of a file stay to be seen until its work orders came in, or a person is done with them.
ALTER TABLE import_run
    ADD COLUMN IF NOT EXISTS faults INT NOT NULL DEFAULT 0 COMMENT 'how many; the first of them are kept',
    ADD COLUMN IF NOT EXISTS settled_at DATETIME(6) COMMENT 'when a person was done with its faults',
    ADD COLUMN IF NOT EXISTS settled_by VARCHAR(60);
UPDATE import_run r
SET r.faults = (SELECT COUNT(*) FROM import_fault f WHERE f.import_run_id = r.id)
WHERE r.faults = 0;
CREATE INDEX IF NOT EXISTS import_run_open ON import_run (settled_at, left_out, id);

-- The last day on which a shipment left by a service.
CREATE INDEX IF NOT EXISTS shipment_by_service ON shipment (service_code, ship_date);

-- Territories come with the postal codes, and the centre of an area is another one: both are filled at the next start.
DELETE FROM postal_area;
DELETE FROM postal_code;
