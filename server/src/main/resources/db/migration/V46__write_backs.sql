-- What others are told of a shipment is the shop's to set: which system, when, and what goes into which of its fields.

CREATE TABLE IF NOT EXISTS write_back_target (
    code       VARCHAR(40)  PRIMARY KEY COMMENT 'of its connection',
    version    INT          NOT NULL,
    active     BOOLEAN      NOT NULL,
    plan       MEDIUMTEXT   NOT NULL COMMENT 'JSON: which fact goes into which field',
    changed_by VARCHAR(60)  NOT NULL,
    changed_at DATETIME(6)  NOT NULL
);

-- How fast a system outside may be called, and whether it is called at all.
CREATE TABLE IF NOT EXISTS outbox_target (
    code           VARCHAR(40) PRIMARY KEY,
    paused         BOOLEAN     NOT NULL DEFAULT FALSE COMMENT 'what is due waits',
    calls_a_minute INT         NOT NULL DEFAULT 0 COMMENT 'zero: no limit',
    next_call_at   DATETIME(6) NULL COMMENT 'earlier it is not called, by any server'
);

ALTER TABLE outbox
    ADD COLUMN IF NOT EXISTS moment VARCHAR(20) NOT NULL DEFAULT '' COMMENT 'what became of the subject, that is told; empty for other work',
    ADD COLUMN IF NOT EXISTS amount DECIMAL(14, 2) NULL COMMENT 'money that hangs on it, in the shop''s currency',
    ADD COLUMN IF NOT EXISTS sent MEDIUMTEXT NULL COMMENT 'what was sent at the last try';

UPDATE outbox SET moment = IF(subject_kind = 'RETURN', 'RETURNED', 'LABEL_BOUGHT') WHERE kind IN ('SOURCE', 'SOURCE_REVERSAL');

DROP INDEX IF EXISTS outbox_once ON outbox;
ALTER TABLE outbox DROP COLUMN IF EXISTS once;
ALTER TABLE outbox
    ADD COLUMN IF NOT EXISTS once VARCHAR(300) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin
        AS (IF(being_reversed OR reverses IS NOT NULL
               OR kind IN ('BOOKING', 'VOID', 'MANIFEST', 'PICKUP', 'PICKUP_CALL_OFF', 'RETURN_LABEL', 'RETURN_VOID') AND state <> 'WAITING'
               OR moment IN ('ON_DEMAND', 'EXCEPTION') AND state <> 'WAITING', NULL,
               CONCAT_WS(':', subject_kind, subject_id, kind, subject_name, IF(kind = 'SOURCE', target, NULL), IF(kind = 'SOURCE', moment, NULL))))
        VIRTUAL COMMENT 'each kind once for a subject, unless it came to nothing or was reversed; to a source once for each moment';
CREATE UNIQUE INDEX IF NOT EXISTS outbox_once ON outbox (once);
CREATE INDEX IF NOT EXISTS outbox_newest_of_target ON outbox (target);
CREATE INDEX IF NOT EXISTS outbox_made ON outbox (made_at);

-- What was written before is kept in the form that entries have from now on.
UPDATE outbox
SET request = JSON_OBJECT(
    'moment', moment,
    'takenBack', kind = 'SOURCE_REVERSAL',
    'sheet', JSON_OBJECT(
        'facts', JSON_OBJECT(
            'JOB', subject_name,
            'STATUS', COALESCE(JSON_VALUE(request, '$.status'), ''),
            'CARRIER', COALESCE(JSON_VALUE(request, '$.carrier'), ''),
            'SERVICE', COALESCE(JSON_VALUE(request, '$.service'), ''),
            'TRACKING', REPLACE(COALESCE(JSON_VALUE(request, '$.tracking'), ''), ', ', '\n'),
            'SHIP_DATE', COALESCE(JSON_VALUE(request, '$.shipDate'), '')),
        'custom', JSON_OBJECT(),
        'packages', JSON_ARRAY(),
        'lines', JSON_ARRAY()))
WHERE kind IN ('SOURCE', 'SOURCE_REVERSAL') AND JSON_VALUE(request, '$.status') IS NOT NULL;

INSERT IGNORE INTO write_back_target (code, version, active, plan, changed_by, changed_at)
SELECT code, 1, TRUE,
       '{"moments": ["LABEL_BOUGHT", "RETURNED"], "sources": [], "number": "{job}", "fields": [{"name": "status", "value": "{status}", "whenVoid": "{status}"}, {"name": "carrier", "value": "{carrier}", "whenVoid": ""}, {"name": "service", "value": "{service}", "whenVoid": ""}, {"name": "tracking", "value": "{tracking}", "whenVoid": ""}, {"name": "shipDate", "value": "{ship date}", "whenVoid": ""}], "packageFields": [], "lineFields": [], "words": [], "statement": "", "packageStatement": "", "lineStatement": "", "reading": ""}',
       'nobrec', UTC_TIMESTAMP(6)
FROM connection WHERE adapter = 'orderdesk-json';
