-- Pickups that a carrier was asked for, beside those that come by themselves.
CREATE TABLE IF NOT EXISTS pickup_request (
    id           BIGINT AUTO_INCREMENT PRIMARY KEY,
    site_id      BIGINT       NOT NULL,
    carrier_code VARCHAR(20)  NOT NULL,
    day          DATE         NOT NULL,
    ready_at     TIME         NOT NULL,
    closes_at    TIME         NOT NULL,
    stands       VARCHAR(80)  NOT NULL COMMENT 'where what is to be picked up stands',
    packages     INT          NOT NULL,
    weight       DECIMAL(24, 12) NOT NULL,
    state        VARCHAR(20)  NOT NULL,
    confirmation VARCHAR(60)  NOT NULL DEFAULT '' COMMENT 'number that the carrier gave',
    said         VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'why it was refused',
    asked_by     VARCHAR(60)  NOT NULL,
    asked_at     DATETIME(6)  NOT NULL,
    comes_once   VARCHAR(80) AS (IF(state IN ('REFUSED', 'CALLED_OFF'), NULL, CONCAT_WS(':', site_id, carrier_code, day, ready_at)))
        VIRTUAL COMMENT 'a driver is asked for once for a time',
    CONSTRAINT pickup_request_once UNIQUE (comes_once),
    INDEX pickup_request_by_day (day, site_id, carrier_code),
    FOREIGN KEY (site_id) REFERENCES site (id)
);
