-- How an open shipment was before an act on it, so that whoever did the act can take it back; forgotten after a day.
CREATE TABLE IF NOT EXISTS shipment_undo (
    id          BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id BIGINT       NOT NULL,
    act         VARCHAR(80)  NOT NULL,
    before_act  MEDIUMTEXT   NOT NULL COMMENT 'JSON',
    done_by     VARCHAR(60)  NOT NULL,
    done_at     DATETIME(6)  NOT NULL,
    INDEX shipment_undo_of (shipment_id, id),
    INDEX shipment_undo_by_age (done_at),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id) ON DELETE CASCADE
);
