-- Carriers that say themselves what they ask.
ALTER TABLE carrier
    ADD COLUMN IF NOT EXISTS priced_by VARCHAR(10) NOT NULL DEFAULT 'SHEET' COMMENT 'SHEET, CARRIER, BOTH',
    ADD COLUMN IF NOT EXISTS tolerance_thousandths INT NOT NULL DEFAULT 2000
        COMMENT 'how far quote and sheet may be apart, in thousandths of a percent';

-- What a carrier has said of a shipment as it was when it was asked; one row for both, the latest.
CREATE TABLE IF NOT EXISTS carrier_quote (
    shipment_id  BIGINT      NOT NULL,
    carrier_code VARCHAR(20) NOT NULL,
    request_key  CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    asked_about  CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'fingerprint of what it was asked about',
    state        VARCHAR(10) NOT NULL COMMENT 'ASKED, QUOTED, SILENT',
    number       VARCHAR(60) NOT NULL DEFAULT '',
    valid_until  DATETIME(6),
    said         VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'why there is no quote',
    asked_at     DATETIME(6) NOT NULL,
    prices       LONGTEXT    COMMENT 'JSON: cents by service code',
    PRIMARY KEY (shipment_id, carrier_code),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id) ON DELETE CASCADE,
    FOREIGN KEY (carrier_code) REFERENCES carrier (code)
);
