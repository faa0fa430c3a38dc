-- What a driver takes at one pickup: packages are scanned in, and closing it is the end of what can be voided.
CREATE TABLE IF NOT EXISTS handover (
    id               BIGINT AUTO_INCREMENT PRIMARY KEY,
    site_id          BIGINT       NOT NULL,
    carrier_code     VARCHAR(20)  NOT NULL,
    day              DATE         NOT NULL COMMENT 'of the pickup',
    number           INT          NOT NULL COMMENT '1 for the first of a day, more for supplements',
    state            VARCHAR(20)  NOT NULL,
    opened_by        VARCHAR(60)  NOT NULL,
    opened_at        DATETIME(6)  NOT NULL,
    driver           VARCHAR(80)  NOT NULL DEFAULT '' COMMENT 'who took it',
    closed_by        VARCHAR(60),
    closed_at        DATETIME(6),
    carrier_manifest VARCHAR(60)  NOT NULL DEFAULT '' COMMENT 'number that the carrier gave',
    refused          VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'why the carrier gave no manifest at the last try',
    open_one         VARCHAR(60) AS (IF(state = 'CLOSED', NULL, CONCAT_WS(':', site_id, carrier_code)))
        VIRTUAL COMMENT 'one that is not closed for a site and carrier',
    CONSTRAINT handover_open UNIQUE (open_one),
    CONSTRAINT handover_of_day UNIQUE (site_id, carrier_code, day, number),
    INDEX handover_by_day (day),
    FOREIGN KEY (site_id) REFERENCES site (id)
);

-- In which handover a package is. What had been shipped before handovers were kept is in none that has a record: zero.
ALTER TABLE package
    ADD COLUMN IF NOT EXISTS handover_id BIGINT,
    ADD COLUMN IF NOT EXISTS scanned_by VARCHAR(60),
    ADD COLUMN IF NOT EXISTS scanned_at DATETIME(6);
UPDATE package p JOIN shipment s ON s.id = p.shipment_id
SET p.handover_id = 0
WHERE p.handover_id IS NULL AND s.state = 'SHIPPED' AND s.ship_date < CURRENT_DATE;
CREATE INDEX IF NOT EXISTS package_by_handover ON package (handover_id, shipment_id);
