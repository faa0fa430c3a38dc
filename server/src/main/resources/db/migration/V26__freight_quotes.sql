-- What freight would cost, said to a customer before there is a job, or before it goes.
ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS quote_held BOOLEAN NOT NULL DEFAULT FALSE
        COMMENT 'whether the customer pays what was quoted, whatever it costs by now';

CREATE TABLE IF NOT EXISTS freight_quote (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    work_order_id   BIGINT         NOT NULL COMMENT 'the request, or the job, it was made for',
    service_code    VARCHAR(20)    NOT NULL,
    service_name    VARCHAR(60)    NOT NULL,
    packages        VARCHAR(200)   NOT NULL COMMENT 'what was priced, in words',
    freight_cost    DECIMAL(14, 2) NOT NULL,
    customer_charge DECIMAL(14, 2) NOT NULL,
    valid_until     DATE           NOT NULL,
    made_by         VARCHAR(60)    NOT NULL,
    made_at         DATETIME(6)    NOT NULL,
    taken_into      BIGINT COMMENT 'the job whose invoice it went into',
    held            BOOLEAN        NOT NULL DEFAULT FALSE,
    taken_by        VARCHAR(60),
    taken_at        DATETIME(6),
    INDEX freight_quote_of (work_order_id),
    INDEX freight_quote_into (taken_into),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id),
    FOREIGN KEY (taken_into) REFERENCES work_order (id)
);
