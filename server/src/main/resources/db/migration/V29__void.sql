-- What a shipment was until it was made void: it is open again, and goes under other numbers.
CREATE TABLE IF NOT EXISTS voided_shipment (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id     BIGINT         NOT NULL,
    service_code    VARCHAR(20)    NOT NULL,
    ship_date       DATE           NOT NULL,
    freight_cost    DECIMAL(14, 2) NOT NULL,
    customer_charge DECIMAL(14, 2) NOT NULL,
    shipped_by      VARCHAR(60)    NOT NULL,
    shipped_at      DATETIME(6)    NOT NULL,
    voided_by       VARCHAR(60)    NOT NULL,
    voided_at       DATETIME(6)    NOT NULL,
    INDEX voided_shipment_of (shipment_id),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);

CREATE TABLE IF NOT EXISTS voided_package (
    voided_shipment_id BIGINT      NOT NULL,
    number             INT         NOT NULL,
    tracking_number    VARCHAR(40) NOT NULL,
    PRIMARY KEY (voided_shipment_id, number),
    CONSTRAINT voided_package_tracking_number UNIQUE (tracking_number),
    FOREIGN KEY (voided_shipment_id) REFERENCES voided_shipment (id)
);

-- An entry can reverse another one, once; then the other may be made again.
ALTER TABLE outbox
    ADD COLUMN IF NOT EXISTS reverses BIGINT COMMENT 'id of the entry that this one reverses',
    ADD COLUMN IF NOT EXISTS being_reversed BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'another entry reverses it';
CREATE UNIQUE INDEX IF NOT EXISTS outbox_reverses ON outbox (reverses);
DROP INDEX IF EXISTS outbox_once ON outbox;
ALTER TABLE outbox DROP COLUMN IF EXISTS once;
ALTER TABLE outbox
    ADD COLUMN IF NOT EXISTS once VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin
        AS (IF(being_reversed OR reverses IS NOT NULL OR kind IN ('BOOKING', 'VOID', 'MANIFEST', 'PICKUP', 'PICKUP_CALL_OFF') AND state <> 'WAITING', NULL,
               CONCAT_WS(':', subject_kind, subject_id, kind, subject_name)))
        VIRTUAL COMMENT 'each kind once for a subject, unless it came to nothing or was reversed';
CREATE UNIQUE INDEX IF NOT EXISTS outbox_once ON outbox (once);

-- Papers of what is void stay, beside those under the new numbers.
ALTER TABLE paper
    ADD COLUMN IF NOT EXISTS void_by BIGINT NOT NULL DEFAULT 0 COMMENT 'id of what made it void; zero while it counts';
DROP INDEX IF EXISTS paper_once ON paper;
CREATE UNIQUE INDEX IF NOT EXISTS paper_once ON paper (subject_kind, subject_id, kind, package_number, void_by);
