-- Bookings, what follows on them, and write-backs in one table. Each statement can be run again: a migration that was cut off is
-- repeated. The old tables go in the next migration.

CREATE TABLE IF NOT EXISTS outbox (
    id           BIGINT AUTO_INCREMENT PRIMARY KEY,
    entry_key    CHAR(36) CHARACTER SET ascii COLLATE ascii_bin    NOT NULL COMMENT 'under which a system outside does it once',
    kind         VARCHAR(20)                                       NOT NULL,
    subject_kind VARCHAR(20)                                       NOT NULL COMMENT 'what it hangs on',
    subject_id   BIGINT                                            NOT NULL,
    subject_name VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'as a job''s number',
    target       VARCHAR(40)                                       NOT NULL COMMENT 'the system it goes to; nobrec: none',
    summary      VARCHAR(1000)                                     NOT NULL,
    address      VARCHAR(2000)                                     NOT NULL,
    request      LONGTEXT                                          NOT NULL,
    state        VARCHAR(20)                                       NOT NULL,
    attempts     INT                                               NOT NULL,
    next_try_at  DATETIME(6)                                       NOT NULL,
    answer       VARCHAR(500)                                      NOT NULL,
    made_at      DATETIME(6)                                       NOT NULL,
    done_at      DATETIME(6),
    once         VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin
        AS (IF(kind = 'BOOKING' AND state <> 'WAITING', NULL, CONCAT_WS(':', subject_kind, subject_id, kind, subject_name)))
        VIRTUAL COMMENT 'each kind once for a subject; a booking that was refused may be asked for again',
    CONSTRAINT outbox_by_key UNIQUE (entry_key),
    CONSTRAINT outbox_once UNIQUE (once),
    INDEX outbox_due (state, target, next_try_at),
    INDEX outbox_subject (subject_kind, subject_id),
    INDEX outbox_named (subject_name)
);

INSERT IGNORE INTO outbox (entry_key, kind, subject_kind, subject_id, subject_name, target, summary, address, request, state,
                           attempts, next_try_at, answer, made_at, done_at)
SELECT b.booking_key, 'BOOKING', 'SHIPMENT', b.shipment_id, w.number, b.carrier_code, 'Booking', '', b.request,
       CASE b.state WHEN 'ASKED' THEN 'WAITING' WHEN 'ACCEPTED' THEN 'DONE' ELSE 'FAILED' END,
       b.attempts, b.next_try_at, b.answer, b.asked_at, IF(b.state = 'ACCEPTED', s.shipped_at, NULL)
FROM carrier_booking b JOIN shipment s ON s.id = b.shipment_id JOIN work_order w ON w.id = s.work_order_id
ORDER BY b.asked_at;

INSERT IGNORE INTO outbox (entry_key, kind, subject_kind, subject_id, subject_name, target, summary, address, request, state,
                           attempts, next_try_at, answer, made_at, done_at)
SELECT p.posting_key, p.target, 'SHIPMENT', p.shipment_id, p.job, IF(p.target = 'SOURCE', 'Order desk', 'Books'), p.summary,
       p.address, p.request, p.state, p.attempts, p.next_try_at, p.answer, p.made_at, p.done_at
FROM posting p
ORDER BY p.id;

INSERT IGNORE INTO outbox (entry_key, kind, subject_kind, subject_id, subject_name, target, summary, address, request, state,
                           attempts, next_try_at, answer, made_at)
SELECT UUID(), IF(c.kind = 'PAPERS', 'PAPERS', 'WRITE_BACKS'), 'SHIPMENT', c.shipment_id, w.number, 'nobrec', '', '', '',
       'WAITING', c.attempts, c.next_try_at, c.answer, c.since
FROM completion c JOIN shipment s ON s.id = c.shipment_id JOIN work_order w ON w.id = s.work_order_id;
