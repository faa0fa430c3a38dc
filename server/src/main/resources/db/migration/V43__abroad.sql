-- What customs of another country wants to know, by line, by job, by service, and of the shop itself.
ALTER TABLE work_order_line
    ADD COLUMN IF NOT EXISTS customs_description VARCHAR(120) NOT NULL DEFAULT ''
        COMMENT 'empty where the usual description will do' AFTER freight_class;
ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS export LONGTEXT COMMENT 'JSON of what it says of its way abroad; null where it says nothing';
ALTER TABLE service
    ADD COLUMN IF NOT EXISTS export_papers VARCHAR(200) NOT NULL DEFAULT '' COMMENT 'kind=copies, separated by a comma';

-- What one unit of a currency costs in the shop's, by day; XDR are special drawing rights.
CREATE TABLE IF NOT EXISTS exchange_rate (
    currency CHAR(3) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    day      DATE            NOT NULL,
    rate     DECIMAL(18, 8)  NOT NULL,
    said_by  VARCHAR(60)     NOT NULL,
    said_at  DATETIME(6)     NOT NULL,
    PRIMARY KEY (currency, day)
);

-- How the shop declares; one row.
CREATE TABLE IF NOT EXISTS export_set_up (
    id           TINYINT      NOT NULL PRIMARY KEY,
    version      INT          NOT NULL DEFAULT 1,
    signer       VARCHAR(120) NOT NULL COMMENT 'who signs export papers; empty text for nobody yet',
    signer_title VARCHAR(120) NOT NULL,
    tax_number   VARCHAR(120) NOT NULL COMMENT 'of the exporter, as papers show it',
    incoterm     VARCHAR(3)   NOT NULL,
    reason       VARCHAR(12)  NOT NULL,
    forwarder    VARCHAR(1000) NOT NULL COMMENT 'who is instructed, with address; empty text for the carrier itself',
    changed_by   VARCHAR(60)  NOT NULL,
    changed_at   DATETIME(6)  NOT NULL
);
