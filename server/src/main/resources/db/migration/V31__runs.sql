-- Jobs that are shipped as one run: what would happen to each, and what came of it.
CREATE TABLE IF NOT EXISTS run (
    id         BIGINT AUTO_INCREMENT PRIMARY KEY,
    made_by    VARCHAR(60) NOT NULL,
    made_at    DATETIME(6) NOT NULL,
    started_by VARCHAR(60),
    started_at DATETIME(6),
    task_id    BIGINT COMMENT 'the task that looks at or ships its jobs, the last one'
);

CREATE TABLE IF NOT EXISTS run_job (
    run_id      BIGINT       NOT NULL,
    position    INT          NOT NULL,
    job         VARCHAR(120) NOT NULL,
    state       VARCHAR(20)  NOT NULL,
    shipment_id BIGINT,
    ship_to     VARCHAR(300) NOT NULL DEFAULT '',
    packages    INT          NOT NULL DEFAULT 0,
    carton      VARCHAR(80)  NOT NULL DEFAULT '',
    weight      DECIMAL(24, 12),
    weighed     BOOLEAN      NOT NULL DEFAULT FALSE,
    service     VARCHAR(20)  NOT NULL DEFAULT '',
    total       DECIMAL(14, 2),
    charge      DECIMAL(14, 2),
    leaves_on   DATE,
    arrives_on  DATE,
    promised    DATE,
    reason      VARCHAR(500) NOT NULL DEFAULT '',
    remedy      VARCHAR(500) NOT NULL DEFAULT '',
    choices     VARCHAR(4000) NOT NULL DEFAULT '[]' COMMENT 'what else it could go by, as JSON',
    tracking    VARCHAR(500) NOT NULL DEFAULT '',
    ended_at    DATETIME(6),
    PRIMARY KEY (run_id, position),
    CONSTRAINT run_job_once UNIQUE (run_id, job),
    FOREIGN KEY (run_id) REFERENCES run (id)
);
