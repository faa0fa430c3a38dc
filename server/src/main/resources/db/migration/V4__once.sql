-- Every piece goes once, whatever happens. Each statement can be run again: a migration that was cut off is repeated.

-- Two shipments that were opened for one job at the same moment: the later one that is still open goes.
CREATE OR REPLACE TABLE opened_twice AS
SELECT s.id
FROM shipment s
JOIN shipment first ON first.work_order_id = s.work_order_id AND first.id < s.id AND first.state <> 'SHIPPED'
WHERE s.state = 'OPEN'
GROUP BY s.id;

DELETE q FROM package_placement q JOIN package p ON p.id = q.package_id JOIN opened_twice t ON t.id = p.shipment_id;
DELETE c FROM package_content c JOIN package p ON p.id = c.package_id JOIN opened_twice t ON t.id = p.shipment_id;
DELETE p FROM package p JOIN opened_twice t ON t.id = p.shipment_id;
DELETE sl FROM shipment_line sl JOIN opened_twice t ON t.id = sl.shipment_id;
DELETE c FROM shipment_charge_line c JOIN opened_twice t ON t.id = c.shipment_id;
DELETE b FROM carrier_booking b JOIN opened_twice t ON t.id = b.shipment_id;
DELETE s FROM shipment s JOIN opened_twice t ON t.id = s.id;
DROP TABLE opened_twice;

-- At most one shipment of a job that has not left.
ALTER TABLE shipment
    ADD COLUMN IF NOT EXISTS open_for BIGINT AS (IF(state = 'SHIPPED', NULL, work_order_id)) VIRTUAL
        COMMENT 'the job it was opened for, until it has left';
CREATE UNIQUE INDEX IF NOT EXISTS shipment_open_once ON shipment (open_for);

-- Pieces of a line in open and shipped shipments, kept by the triggers below; never more than were ordered.
ALTER TABLE work_order_line
    ADD COLUMN IF NOT EXISTS quantity_taken INT NOT NULL DEFAULT 0 COMMENT 'pieces in shipments, open and shipped'
        AFTER quantity_ordered;

UPDATE work_order_line l
SET l.quantity_taken = LEAST(l.quantity_ordered,
        (SELECT COALESCE(SUM(sl.quantity), 0) FROM shipment_line sl WHERE sl.work_order_line_id = l.id));

ALTER TABLE work_order_line
    DROP CONSTRAINT IF EXISTS quantity_taken,
    DROP CONSTRAINT IF EXISTS quantity_shipped;
ALTER TABLE work_order_line
    ADD CONSTRAINT quantity_taken CHECK (quantity_taken BETWEEN 0 AND quantity_ordered),
    ADD CONSTRAINT quantity_shipped CHECK (quantity_shipped BETWEEN 0 AND quantity_taken);

CREATE OR REPLACE TRIGGER shipment_line_takes AFTER INSERT ON shipment_line FOR EACH ROW
    UPDATE work_order_line SET quantity_taken = quantity_taken + NEW.quantity WHERE id = NEW.work_order_line_id;

CREATE OR REPLACE TRIGGER shipment_line_changes AFTER UPDATE ON shipment_line FOR EACH ROW
    UPDATE work_order_line SET quantity_taken = quantity_taken + NEW.quantity - OLD.quantity
    WHERE id = NEW.work_order_line_id;

CREATE OR REPLACE TRIGGER shipment_line_gives_back AFTER DELETE ON shipment_line FOR EACH ROW
    UPDATE work_order_line SET quantity_taken = quantity_taken - OLD.quantity WHERE id = OLD.work_order_line_id;

-- What follows once a shipment has its tracking numbers: its papers and its postings, each by itself. A row is work that
-- is still to be done; done, it is deleted.
CREATE TABLE IF NOT EXISTS completion (
    id          BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id BIGINT       NOT NULL,
    kind        VARCHAR(20)  NOT NULL,
    attempts    INT          NOT NULL,
    next_try_at DATETIME(6)  NOT NULL,
    answer      VARCHAR(500) NOT NULL,
    since       DATETIME(6)  NOT NULL,
    CONSTRAINT completion_once UNIQUE (shipment_id, kind),
    INDEX completion_due (next_try_at),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);

-- A paper is made once. Package number zero: the paper is for the whole shipment.
UPDATE paper SET package_number = 0 WHERE package_number IS NULL;
ALTER TABLE paper MODIFY package_number INT NOT NULL DEFAULT 0;
CREATE UNIQUE INDEX IF NOT EXISTS paper_once ON paper (shipment_id, kind, package_number);

-- Room for what sixteen packages, ten jobs and long job numbers come to.
ALTER TABLE posting
    MODIFY job VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    MODIFY summary VARCHAR(1000) NOT NULL,
    MODIFY address VARCHAR(2000) NOT NULL;
ALTER TABLE shipment_charge_line
    MODIFY title VARCHAR(200) NOT NULL,
    MODIFY explanation VARCHAR(2000) NOT NULL;

-- Background work is claimed row by row; nothing runs on one server only.
DROP TABLE IF EXISTS scheduled_tasks;

-- Files of one source come in one after the other.
CREATE TABLE IF NOT EXISTS intake_turn (
    source VARCHAR(40) NOT NULL PRIMARY KEY
);
INSERT IGNORE INTO intake_turn (source) VALUES ('file');

-- One name, one spelling.
UPDATE app_user SET sign_in = LOWER(TRIM(sign_in));
ALTER TABLE app_user
    MODIFY sign_in VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    DROP CONSTRAINT IF EXISTS app_user_spelling;
ALTER TABLE app_user
    ADD CONSTRAINT app_user_spelling CHECK (sign_in REGEXP '^[a-z0-9][a-z0-9._-]{1,59}$');

-- Wrong passwords, by the account they were tried on and by who sent them.
CREATE TABLE IF NOT EXISTS sign_in_failure (
    subject VARCHAR(80) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL PRIMARY KEY COMMENT 'account:id or sender:address',
    count   INT         NOT NULL,
    last_at DATETIME(6) NOT NULL,
    INDEX sign_in_failure_age (last_at)
);

-- Devices from which a person has signed in before; only the hash of what the device keeps is here.
CREATE TABLE IF NOT EXISTS known_device (
    token_hash  CHAR(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL PRIMARY KEY,
    app_user_id BIGINT      NOT NULL,
    last_at     DATETIME(6) NOT NULL,
    INDEX known_device_age (last_at),
    FOREIGN KEY (app_user_id) REFERENCES app_user (id)
);

-- Counts the changes of what is set up, so that each server knows when what it remembers is old.
CREATE TABLE IF NOT EXISTS set_up_version (
    id      TINYINT NOT NULL PRIMARY KEY,
    version BIGINT  NOT NULL
);
INSERT IGNORE INTO set_up_version (id, version) VALUES (1, 0);
