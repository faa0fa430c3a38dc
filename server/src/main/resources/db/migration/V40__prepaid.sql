-- Accounts with carriers that are paid beforehand.
CREATE TABLE IF NOT EXISTS prepaid_account (
    carrier_code VARCHAR(20) PRIMARY KEY,
    balance      DECIMAL(14, 2) COMMENT 'as the carrier said it last; nothing before it was asked',
    asked_at     DATETIME(6),
    said         VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'why it gave none at the last time',
    FOREIGN KEY (carrier_code) REFERENCES carrier (code)
);

CREATE TABLE IF NOT EXISTS account_payment (
    id           BIGINT AUTO_INCREMENT PRIMARY KEY,
    carrier_code VARCHAR(20)    NOT NULL,
    amount       DECIMAL(14, 2) NOT NULL,
    state        VARCHAR(20)    NOT NULL,
    said         VARCHAR(500)   NOT NULL DEFAULT '',
    asked_by     VARCHAR(60)    NOT NULL,
    asked_at     DATETIME(6)    NOT NULL,
    INDEX account_payment_of (carrier_code, id),
    FOREIGN KEY (carrier_code) REFERENCES carrier (code)
);
