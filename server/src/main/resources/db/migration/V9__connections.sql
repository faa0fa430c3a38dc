-- Systems and devices outside are data. The outbox calls its targets by their connection's code; the address of a write-back
-- is its adapter's business. Each statement can be run again.

CREATE TABLE IF NOT EXISTS connection (
    code              VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY COMMENT 'a carrier''s is the carrier''s code',
    name              VARCHAR(80)     NOT NULL,
    adapter           VARCHAR(40)     NOT NULL COMMENT 'how it is spoken to',
    address           VARCHAR(500)    NOT NULL,
    time_limit_millis INT             NOT NULL COMMENT 'for a whole answer',
    user_name         VARCHAR(200)    NOT NULL,
    secret            VARBINARY(2000) COMMENT 'encrypted with a key that is not in the database; NULL: none'
);

UPDATE outbox SET target = 'BOOKS' WHERE target = 'Books';
UPDATE outbox SET target = 'ORDERDESK' WHERE target = 'Order desk';

ALTER TABLE outbox DROP COLUMN IF EXISTS address;
