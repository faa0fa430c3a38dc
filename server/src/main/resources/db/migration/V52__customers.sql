-- What customers decide themselves: the way a job goes, its address, and requests by a form.
CREATE TABLE IF NOT EXISTS customer_setting (
    id         INT         PRIMARY KEY,
    version    INT         NOT NULL,
    definition MEDIUMTEXT  NOT NULL COMMENT 'JSON: what customers may do',
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL
);

CREATE TABLE IF NOT EXISTS customer_link (
    work_order_id BIGINT PRIMARY KEY,
    issue         INT          NOT NULL DEFAULT 0 COMMENT 'part of what is sealed: the next one makes all links before it useless',
    seen_at       DATETIME(6)  COMMENT 'when the page was looked at last',
    service_code  VARCHAR(20)  NOT NULL DEFAULT '' COMMENT 'chosen by the customer; empty text for none',
    service_name  VARCHAR(60)  NOT NULL DEFAULT '',
    price         DECIMAL(14, 2) COMMENT 'what was shown and is held to',
    chosen_at     DATETIME(6),
    INDEX customer_link_chosen (chosen_at),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

CREATE TABLE IF NOT EXISTS asked_address (
    id            BIGINT AUTO_INCREMENT PRIMARY KEY,
    work_order_id BIGINT       NOT NULL,
    company       VARCHAR(120) NOT NULL,
    person        VARCHAR(120) NOT NULL,
    street        VARCHAR(120) NOT NULL,
    street2       VARCHAR(120) NOT NULL,
    city          VARCHAR(120) NOT NULL,
    state         VARCHAR(120) NOT NULL,
    postal_code   VARCHAR(120) NOT NULL,
    country       CHAR(2)      NOT NULL,
    before_line   VARCHAR(500) NOT NULL COMMENT 'where it went until then, in words',
    reason        VARCHAR(500) NOT NULL COMMENT 'why the shop is asked, or why not',
    price_before  DECIMAL(14, 2) COMMENT 'what the customer pays as it stood; nothing where that was not known',
    price_after   DECIMAL(14, 2),
    asked_at      DATETIME(6)  NOT NULL,
    answer        ENUM ('AWAITED', 'YES', 'NO', 'OVERTAKEN') NOT NULL,
    answer_text   VARCHAR(500) NOT NULL DEFAULT '',
    answered_by   VARCHAR(60)  NOT NULL DEFAULT '',
    answered_at   DATETIME(6),
    INDEX asked_address_of (work_order_id, id),
    INDEX asked_address_open (answer, id),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

CREATE TABLE IF NOT EXISTS form_request (
    work_order_id BIGINT       PRIMARY KEY,
    sender        CHAR(64) CHARACTER SET ascii NOT NULL COMMENT 'fingerprint of the network it came from',
    mail          VARCHAR(254) NOT NULL,
    asked_at      DATETIME(6)  NOT NULL,
    service_name  VARCHAR(60)  NOT NULL DEFAULT '' COMMENT 'as quoted at once; empty text where nothing had a price',
    price         DECIMAL(14, 2),
    INDEX form_request_sender (sender, asked_at),
    INDEX form_request_mail (mail, asked_at),
    INDEX form_request_asked (asked_at),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);
