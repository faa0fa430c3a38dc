-- Where records come from by themselves.
CREATE TABLE IF NOT EXISTS record_source (
    code           VARCHAR(20)  NOT NULL PRIMARY KEY,
    name           VARCHAR(60)  NOT NULL,
    adapter        VARCHAR(40)  NOT NULL,
    version        INT          NOT NULL DEFAULT 1,
    layout         LONGTEXT     COMMENT 'JSON; null until somebody has said which field feeds which',
    defaults       TEXT         NOT NULL COMMENT 'JSON of what counts where it says nothing',
    every_minutes  INT          NOT NULL DEFAULT 0 COMMENT 'zero: only when somebody asks',
    next_at        DATETIME(6)  COMMENT 'when it is asked next',
    known_until    DATETIME(6)  COMMENT 'up to when its changes are known here',
    about          LONGTEXT     COMMENT 'JSON of what it last said of itself',
    task_id        BIGINT       COMMENT 'the newest look',
    last_at        DATETIME(6),
    last_said      VARCHAR(600) NOT NULL DEFAULT '',
    last_failed    BOOLEAN      NOT NULL DEFAULT FALSE,
    failures       INT          NOT NULL DEFAULT 0 COMMENT 'one after the other',
    INDEX record_source_next (next_at)
);

CREATE TABLE IF NOT EXISTS source_record (
    id             BIGINT AUTO_INCREMENT PRIMARY KEY,
    source         VARCHAR(20)  NOT NULL,
    number         VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    status         VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    cancelled      VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'why; empty text where it is not',
    changed_at     DATETIME(6)  NOT NULL COMMENT 'there',
    document       LONGTEXT     NOT NULL COMMENT 'as it said last',
    taken_document LONGTEXT     COMMENT 'as it said when it was taken, or when its changes were looked at',
    state          VARCHAR(20)  NOT NULL,
    problem        VARCHAR(600) NOT NULL DEFAULT '' COMMENT 'what would keep it out',
    remark         VARCHAR(600) NOT NULL DEFAULT '' COMMENT 'what it would wait for once it is here',
    customer       VARCHAR(120) NOT NULL DEFAULT '',
    promise_date   DATE,
    work_order_id  BIGINT,
    seen_at        DATETIME(6)  NOT NULL,
    CONSTRAINT source_record_number UNIQUE (source, number),
    INDEX source_record_state (source, state, id),
    INDEX source_record_of_order (work_order_id)
);

CREATE INDEX IF NOT EXISTS work_order_by_origin ON work_order (origin, origin_number);
