-- Where things go, each once however it is written; jobs know theirs.
CREATE TABLE IF NOT EXISTS place (
    id           BIGINT AUTO_INCREMENT PRIMARY KEY,
    own_key      CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'fingerprint of what it is recognized by',
    company      VARCHAR(120) NOT NULL,
    person       VARCHAR(120) NOT NULL,
    street       VARCHAR(120) NOT NULL,
    street2      VARCHAR(120) NOT NULL,
    city         VARCHAR(120) NOT NULL,
    state        VARCHAR(120) NOT NULL,
    postal_code  VARCHAR(120) NOT NULL,
    country      VARCHAR(120) NOT NULL,
    plain        VARCHAR(500) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'names and city in small letters without accents',
    phone        VARCHAR(120) NOT NULL DEFAULT '',
    note         VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'for whoever drives there',
    kind         VARCHAR(20)  COMMENT 'as the shop said it; else told from the address',
    kind_said_by VARCHAR(60)  NOT NULL DEFAULT '' COMMENT 'sign-in',
    accepted_by  VARCHAR(60)  NOT NULL DEFAULT '' COMMENT 'who said that it is right as it is written',
    accepted_at  DATETIME(6),
    accepted_as  CHAR(64) CHARACTER SET ascii COLLATE ascii_bin COMMENT 'fingerprint of the address that was accepted',
    check_said   VARCHAR(300) NOT NULL DEFAULT '' COMMENT 'worst finding of the last check; empty text when all is well',
    check_stops  TINYINT(1)   NOT NULL DEFAULT 0,
    checked_at   DATETIME(6)  NOT NULL,
    merged_into  BIGINT       COMMENT 'the place that it turned out to be',
    version      INT          NOT NULL DEFAULT 1,
    CONSTRAINT place_by_key UNIQUE (own_key),
    INDEX place_by_company (company),
    INDEX place_merged (merged_into),
    FOREIGN KEY (merged_into) REFERENCES place (id)
);

ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS place_id BIGINT COMMENT 'where it goes; null for what came in before places and has left';
CREATE INDEX IF NOT EXISTS work_order_by_place ON work_order (place_id, status, id);

-- Open jobs find their places by the task that looks at house rules.
UPDATE work_order SET rules_version = -1 WHERE status IN ('READY', 'ON_BENCH');

-- Names are held in memory; servers read those that are new.
ALTER TABLE work_order_name
    ADD COLUMN IF NOT EXISTS noted_at DATETIME(6) NOT NULL DEFAULT CURRENT_TIMESTAMP(6) COMMENT 'by the clock of the database';
CREATE INDEX IF NOT EXISTS work_order_name_by_moment ON work_order_name (noted_at);
