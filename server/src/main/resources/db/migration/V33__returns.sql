-- What comes back from customers, each return under a label of its own, or under none of ours.
CREATE TABLE IF NOT EXISTS goods_return (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id     BIGINT       NOT NULL COMMENT 'with which it left',
    work_order_id   BIGINT       NOT NULL COMMENT 'job that the shipment was opened for',
    job             VARCHAR(120) NOT NULL COMMENT 'number of that job',
    site_id         BIGINT       NOT NULL COMMENT 'to which it comes',
    customer        VARCHAR(120) NOT NULL,
    reason          VARCHAR(20)  NOT NULL,
    note            VARCHAR(500) NOT NULL DEFAULT '',
    state           VARCHAR(20)  NOT NULL,
    carrier_code    VARCHAR(20)  COMMENT 'nothing where it has no label of ours',
    service_code    VARCHAR(20),
    payer           VARCHAR(20)  NOT NULL,
    weight          DECIMAL(24, 12),
    freight_cost    DECIMAL(14, 2) NOT NULL COMMENT 'asked by the carrier once the label is used',
    customer_charge DECIMAL(14, 2) NOT NULL,
    tracking_number VARCHAR(60),
    due             DATE         NOT NULL COMMENT 'a label is valid until then; what is on its way is here by then',
    said            VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'why the carrier refused',
    asked_by        VARCHAR(60)  NOT NULL,
    asked_at        DATETIME(6)  NOT NULL,
    reminders       INT          NOT NULL DEFAULT 0,
    reminded_at     DATETIME(6),
    received_by     VARCHAR(60),
    received_at     DATETIME(6),
    came            VARCHAR(1000) NOT NULL DEFAULT '' COMMENT 'what came, in words',
    CONSTRAINT goods_return_tracking UNIQUE (tracking_number),
    INDEX goods_return_by_state (state, id),
    INDEX goods_return_by_due (state, due),
    INDEX goods_return_by_shipment (shipment_id),
    INDEX goods_return_by_job (work_order_id),
    INDEX goods_return_by_received (received_at),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id),
    FOREIGN KEY (site_id) REFERENCES site (id)
);

CREATE TABLE IF NOT EXISTS goods_return_line (
    return_id          BIGINT       NOT NULL,
    position           INT          NOT NULL,
    work_order_line_id BIGINT       NOT NULL,
    item               VARCHAR(120) NOT NULL,
    quantity           INT          NOT NULL COMMENT 'that is to come',
    came               INT,
    came_condition     VARCHAR(20),
    PRIMARY KEY (return_id, position),
    FOREIGN KEY (return_id) REFERENCES goods_return (id),
    FOREIGN KEY (work_order_line_id) REFERENCES work_order_line (id)
);

-- A job that replaces pieces of another one.
CREATE TABLE IF NOT EXISTS replacement (
    work_order_id BIGINT       PRIMARY KEY COMMENT 'the job that replaces',
    replaces_id   BIGINT       NOT NULL COMMENT 'the job of which it replaces pieces',
    job           VARCHAR(120) NOT NULL COMMENT 'number of the one, and of the other',
    replaces      VARCHAR(120) NOT NULL,
    reason        VARCHAR(20)  NOT NULL,
    made_by       VARCHAR(60)  NOT NULL,
    made_at       DATETIME(6)  NOT NULL,
    INDEX replacement_of (replaces_id),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id),
    FOREIGN KEY (replaces_id) REFERENCES work_order (id)
);

-- A label for the way back, and its void, may be asked for again once they have come to an end.
DROP INDEX IF EXISTS outbox_once ON outbox;
ALTER TABLE outbox DROP COLUMN IF EXISTS once;
ALTER TABLE outbox
    ADD COLUMN IF NOT EXISTS once VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin
        AS (IF(being_reversed OR reverses IS NOT NULL
               OR kind IN ('BOOKING', 'VOID', 'MANIFEST', 'PICKUP', 'PICKUP_CALL_OFF', 'RETURN_LABEL', 'RETURN_VOID') AND state <> 'WAITING', NULL,
               CONCAT_WS(':', subject_kind, subject_id, kind, subject_name)))
        VIRTUAL COMMENT 'each kind once for a subject, unless it came to nothing or was reversed';
CREATE UNIQUE INDEX IF NOT EXISTS outbox_once ON outbox (once);
