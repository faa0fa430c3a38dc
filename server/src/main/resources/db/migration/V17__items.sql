-- Things the shop makes, sells or services again and again; lines take from them what their records lack.
CREATE TABLE IF NOT EXISTS item (
    id          BIGINT AUTO_INCREMENT PRIMARY KEY,
    item_key    VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'the number as it is compared',
    number      VARCHAR(120) NOT NULL,
    description VARCHAR(120) NOT NULL,
    barcode     VARCHAR(120) NOT NULL,
    definition  LONGTEXT     NOT NULL COMMENT 'JSON of all that is known of it',
    version     INT          NOT NULL,
    changed_by  VARCHAR(60)  NOT NULL,
    changed_at  DATETIME(6)  NOT NULL,
    CONSTRAINT item_by_key UNIQUE (item_key),
    INDEX item_by_description (description),
    INDEX item_by_barcode (barcode),
    INDEX item_by_change (changed_at)
);

ALTER TABLE work_order_line
    ADD COLUMN IF NOT EXISTS from_item VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'what its item says and its record does not';
CREATE INDEX IF NOT EXISTS work_order_line_by_item ON work_order_line (item, work_order_id);
