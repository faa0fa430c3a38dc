-- Events that other systems subscribe to: what became of each shipment, numbered once it is certain, so that nobody who reads on from a
-- number misses one.

CREATE TABLE IF NOT EXISTS shop_event (
    id     BIGINT AUTO_INCREMENT PRIMARY KEY,
    number BIGINT      NULL COMMENT 'without gaps; nothing until it is given',
    moment VARCHAR(20) NOT NULL,
    shipment_id BIGINT NOT NULL,
    job    VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'the leading one',
    at     DATETIME(6) NOT NULL,
    body   MEDIUMTEXT  NOT NULL COMMENT 'JSON, as it is sent',
    CONSTRAINT shop_event_number UNIQUE (number)
);

CREATE TABLE IF NOT EXISTS shop_event_counter (
    id   INT    PRIMARY KEY,
    next BIGINT NOT NULL
);
INSERT IGNORE INTO shop_event_counter (id, next) VALUES (1, 1);

CREATE TABLE IF NOT EXISTS subscription (
    code       VARCHAR(40) PRIMARY KEY COMMENT 'of its connection',
    version    INT         NOT NULL,
    active     BOOLEAN     NOT NULL,
    moments    VARCHAR(200) NOT NULL COMMENT 'with commas between them',
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL
);

DROP INDEX IF EXISTS outbox_once ON outbox;
ALTER TABLE outbox DROP COLUMN IF EXISTS once;
ALTER TABLE outbox
    ADD COLUMN IF NOT EXISTS once VARCHAR(300) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin
        AS (IF(being_reversed OR reverses IS NOT NULL
               OR kind IN ('BOOKING', 'VOID', 'MANIFEST', 'PICKUP', 'PICKUP_CALL_OFF', 'RETURN_LABEL', 'RETURN_VOID') AND state <> 'WAITING'
               OR kind = 'EVENT'
               OR moment IN ('ON_DEMAND', 'EXCEPTION') AND state <> 'WAITING', NULL,
               CONCAT_WS(':', subject_kind, subject_id, kind, subject_name, IF(kind = 'SOURCE', target, NULL), IF(kind = 'SOURCE', moment, NULL))))
        VIRTUAL COMMENT 'each kind once for a subject, unless it came to nothing or was reversed; to a source once for each moment; an event as often as it is asked for';
CREATE UNIQUE INDEX IF NOT EXISTS outbox_once ON outbox (once);
