-- Trading partners: by which numbers they know the shop, what each demands, and what each was told.
CREATE TABLE IF NOT EXISTS partner_set_up (
    id                    TINYINT     NOT NULL PRIMARY KEY COMMENT 'one row',
    version               INT         NOT NULL DEFAULT 1,
    company_prefix        VARCHAR(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'empty text while nobody has written it',
    extension_digit       INT         NOT NULL,
    location_number       VARCHAR(13) NOT NULL COMMENT 'empty text for none',
    interchange_qualifier CHAR(2)     NOT NULL,
    interchange_id        VARCHAR(15) NOT NULL COMMENT 'empty text while nobody has written it',
    changed_by            VARCHAR(60) NOT NULL,
    changed_at            DATETIME(6) NOT NULL
);

-- The next number of a package, by what stands before it: each goes on where it stopped when a prefix comes back.
CREATE TABLE IF NOT EXISTS sscc_counter (
    company_prefix  VARCHAR(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    extension_digit INT         NOT NULL,
    next_serial     BIGINT      NOT NULL,
    PRIMARY KEY (company_prefix, extension_digit)
);

-- What was given out, each once for good; a package that goes again under another tracking number gets another one.
CREATE TABLE IF NOT EXISTS sscc (
    sscc            CHAR(18) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
    tracking_number VARCHAR(60) NOT NULL,
    given_at        DATETIME(6) NOT NULL,
    CONSTRAINT sscc_of_package UNIQUE (tracking_number)
);

CREATE TABLE IF NOT EXISTS partner (
    code         VARCHAR(40)  NOT NULL PRIMARY KEY COMMENT 'of its connection',
    version      INT          NOT NULL DEFAULT 1,
    name         VARCHAR(60)  NOT NULL,
    active       BOOLEAN      NOT NULL,
    profile      LONGTEXT     NOT NULL COMMENT 'JSON of what it demands',
    next_control INT          NOT NULL DEFAULT 1 COMMENT 'number of the next interchange to it',
    changed_by   VARCHAR(60)  NOT NULL,
    changed_at   DATETIME(6)  NOT NULL,
    CONSTRAINT partner_name UNIQUE (name)
);

CREATE TABLE IF NOT EXISTS partner_customer (
    customer     VARCHAR(120) NOT NULL PRIMARY KEY COMMENT 'as work orders call it',
    partner_code VARCHAR(40)  NOT NULL,
    INDEX partner_customer_of (partner_code)
);

CREATE TABLE IF NOT EXISTS ship_notice (
    id              BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    partner_code    VARCHAR(40)  NOT NULL,
    shipment_id     BIGINT       NOT NULL,
    job             VARCHAR(120) NOT NULL COMMENT 'number of the job that the shipment was opened for',
    number          VARCHAR(30)  NOT NULL COMMENT 'under which the partner knows it; a cancellation bears that of what it cancels',
    purpose         VARCHAR(12)  NOT NULL COMMENT 'ORIGINAL, CANCELLATION',
    form            VARCHAR(8)   NOT NULL,
    control         INT          NOT NULL COMMENT 'number of the interchange, no two to one partner',
    delivery_key    CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'under which the partner takes it once',
    contents        LONGTEXT     NOT NULL COMMENT 'JSON in our own form',
    document        LONGTEXT     COMMENT 'as it goes out; null until it is written',
    state           VARCHAR(12)  NOT NULL COMMENT 'WAITING, SENT, FETCHED, ACKNOWLEDGED, REFUSED',
    said            VARCHAR(500) NOT NULL DEFAULT '',
    made_at         DATETIME(6)  NOT NULL,
    sent_at         DATETIME(6),
    due_at          DATETIME(6)  COMMENT 'until then it is to be acknowledged; null where nobody waits for that',
    chased          INT          NOT NULL DEFAULT 0 COMMENT 'how often it was sent again because nothing came back',
    acknowledged_at DATETIME(6),
    acknowledged_by VARCHAR(60)  COMMENT 'who said so here; null where the partner did',
    CONSTRAINT ship_notice_once UNIQUE (partner_code, control),
    INDEX ship_notice_numbered (partner_code, number),
    INDEX ship_notice_of_partner (partner_code, id),
    INDEX ship_notice_by_state (state, id),
    INDEX ship_notice_due (state, due_at),
    INDEX ship_notice_of_shipment (shipment_id),
    INDEX ship_notice_by_job (job)
);
