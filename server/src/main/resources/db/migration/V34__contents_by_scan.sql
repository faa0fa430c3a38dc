-- Pieces that were scanned into packages, the newest last.
CREATE TABLE IF NOT EXISTS contents_scan (
    id                 BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id        BIGINT       NOT NULL,
    package_id         BIGINT       NOT NULL,
    work_order_line_id BIGINT       NOT NULL,
    lot                VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'lot or serial; empty for a piece without',
    pieces             INT          NOT NULL,
    scanned_by         VARCHAR(60)  NOT NULL,
    scanned_at         DATETIME(6)  NOT NULL,
    INDEX contents_scan_of_shipment (shipment_id, package_id, work_order_line_id, lot, pieces),
    FOREIGN KEY (package_id) REFERENCES package (id) ON DELETE CASCADE
);
