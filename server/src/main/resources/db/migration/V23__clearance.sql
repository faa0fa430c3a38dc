-- What lets a job go that its record does not say.
ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS when_short VARCHAR(12) COMMENT 'SHIP_READY, WAIT; null where nobody has decided',
    ADD COLUMN IF NOT EXISTS invoice_state VARCHAR(12) NOT NULL DEFAULT 'UNKNOWN' COMMENT 'UNKNOWN, OPEN, PAID, RELEASED';

-- When the books are asked about invoices next: one row, so that of several servers one asks.
CREATE TABLE IF NOT EXISTS invoice_turn (
    id       TINYINT      NOT NULL PRIMARY KEY,
    next_at  DATETIME(6)  NOT NULL,
    failures INT          NOT NULL DEFAULT 0,
    said     VARCHAR(600) NOT NULL DEFAULT '' COMMENT 'why the books were not heard last; empty where they were'
);

INSERT IGNORE INTO invoice_turn (id, next_at) VALUES (1, '2026-01-01');
