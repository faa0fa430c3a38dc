-- The journal of freight is kept here, so that it can be given to any books; a closed period stays as it is.

CREATE TABLE IF NOT EXISTS books_set_up (
    id             INT         PRIMARY KEY,
    version        INT         NOT NULL,
    closed_invoice VARCHAR(20) NOT NULL COMMENT 'what becomes of freight taken off a closed invoice',
    closed_through DATE        NULL COMMENT 'last day on which nothing is booked any more',
    changed_by     VARCHAR(60) NOT NULL,
    changed_at     DATETIME(6) NOT NULL
);

CREATE TABLE IF NOT EXISTS account_rule (
    position          INT          PRIMARY KEY,
    carrier           VARCHAR(40)  NOT NULL COMMENT 'code; empty for any, as for the others',
    site              VARCHAR(40)  NOT NULL,
    customer          VARCHAR(120) NOT NULL,
    terms             VARCHAR(20)  NULL,
    expense_account   VARCHAR(120) NOT NULL,
    liability_account VARCHAR(120) NOT NULL
);

CREATE TABLE IF NOT EXISTS journal_entry (
    id           BIGINT AUTO_INCREMENT PRIMARY KEY,
    booked_on    DATE         NOT NULL,
    description  VARCHAR(500) NOT NULL,
    debit_account  VARCHAR(120) NOT NULL,
    credit_account VARCHAR(120) NOT NULL,
    amount       DECIMAL(14, 2) NOT NULL,
    job          VARCHAR(120) NOT NULL,
    customer     VARCHAR(120) NOT NULL,
    carrier      VARCHAR(40)  NOT NULL,
    subject_kind VARCHAR(20)  NOT NULL,
    subject_id   BIGINT       NOT NULL,
    reverses     BIGINT       NULL COMMENT 'id of the entry that this one takes back',
    made_at      DATETIME(6)  NOT NULL,
    INDEX journal_entry_by_day (booked_on, id),
    INDEX journal_entry_by_subject (subject_kind, subject_id),
    CONSTRAINT journal_entry_reverses UNIQUE (reverses)
);

-- What was booked before this journal was kept.
INSERT INTO journal_entry (booked_on, description, debit_account, credit_account, amount, job, customer, carrier, subject_kind,
                           subject_id, reverses, made_at)
SELECT JSON_VALUE(o.request, '$.date'), LEFT(JSON_VALUE(o.request, '$.description'), 500), JSON_VALUE(o.request, '$.lines[0].account'),
       JSON_VALUE(o.request, '$.lines[1].account'), JSON_VALUE(o.request, '$.lines[0].amount'), o.subject_name,
       COALESCE(w.customer, ''), '', o.subject_kind, o.subject_id, NULL, o.made_at
FROM outbox o
LEFT JOIN shipment s ON o.subject_kind = 'SHIPMENT' AND s.id = o.subject_id
LEFT JOIN work_order w ON w.id = s.work_order_id
WHERE o.kind = 'JOURNAL' AND NOT EXISTS (SELECT 1 FROM journal_entry)
ORDER BY o.id;

INSERT IGNORE INTO journal_entry (booked_on, description, debit_account, credit_account, amount, job, customer, carrier, subject_kind,
                                  subject_id, reverses, made_at)
SELECT JSON_VALUE(o.request, '$.date'), LEFT(JSON_VALUE(o.request, '$.description'), 500), JSON_VALUE(o.request, '$.lines[1].account'),
       JSON_VALUE(o.request, '$.lines[0].account'), JSON_VALUE(o.request, '$.lines[0].amount'), j.job, j.customer, j.carrier,
       o.subject_kind, o.subject_id, j.id, o.made_at
FROM outbox o
JOIN outbox made ON made.id = o.reverses
JOIN journal_entry j ON j.subject_kind = made.subject_kind AND j.subject_id = made.subject_id AND j.made_at = made.made_at
WHERE o.kind = 'JOURNAL_REVERSAL'
ORDER BY o.id;
