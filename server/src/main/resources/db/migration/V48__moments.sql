-- What became of each shipment, in the order in which it became known, and what rules make of that.

CREATE TABLE IF NOT EXISTS shipment_moment (
    id          BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id BIGINT       NOT NULL,
    moment      VARCHAR(20)  NOT NULL,
    reached_at  DATETIME(6)  NOT NULL,
    detail      VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'in words, where there is more to say',
    once        VARCHAR(60) AS (IF(moment IN ('HANDED_OVER', 'DELIVERED'), CONCAT(shipment_id, ':', moment), NULL)) VIRTUAL,
    CONSTRAINT shipment_moment_once UNIQUE (once),
    INDEX shipment_moment_of (shipment_id, id),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);

CREATE TABLE IF NOT EXISTS status_rule_set (
    id         INT         PRIMARY KEY,
    version    INT         NOT NULL,
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL
);

CREATE TABLE IF NOT EXISTS status_rule (
    position   INT        PRIMARY KEY,
    definition MEDIUMTEXT NOT NULL COMMENT 'JSON: when, on which jobs, and what a job gets'
);

CREATE TABLE IF NOT EXISTS job_status (
    work_order_id BIGINT       PRIMARY KEY,
    status        VARCHAR(60)  NOT NULL,
    set_by        VARCHAR(120) NOT NULL COMMENT 'name of the rule',
    set_at        DATETIME(6)  NOT NULL,
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

-- What became of shipments before this list was kept, as far as it is known.
INSERT INTO shipment_moment (shipment_id, moment, reached_at)
SELECT id, 'LABEL_BOUGHT', shipped_at FROM shipment
WHERE state = 'SHIPPED' AND shipped_at IS NOT NULL AND NOT EXISTS (SELECT 1 FROM shipment_moment)
ORDER BY shipped_at;

INSERT IGNORE INTO shipment_moment (shipment_id, moment, reached_at)
SELECT p.shipment_id, 'HANDED_OVER', MAX(h.closed_at)
FROM package p JOIN handover h ON h.id = p.handover_id
WHERE h.state = 'CLOSED' AND h.closed_at IS NOT NULL
  AND NOT EXISTS (SELECT 1 FROM package other WHERE other.shipment_id = p.shipment_id AND other.handover_id IS NULL)
GROUP BY p.shipment_id;
