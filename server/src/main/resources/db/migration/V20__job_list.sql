-- What the job list is narrowed and sorted by stands with the job, so that each of it has an index.
ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS line_count INT NOT NULL DEFAULT 0,
    ADD COLUMN IF NOT EXISTS pieces INT NOT NULL DEFAULT 0,
    ADD COLUMN IF NOT EXISTS weight DECIMAL(24, 12) COMMENT 'grams; null where one line does not say it',
    ADD COLUMN IF NOT EXISTS value DECIMAL(20, 2) COMMENT 'null where one line does not say it',
    ADD COLUMN IF NOT EXISTS contents CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT ''
        COMMENT 'fingerprint of items and quantities',
    ADD COLUMN IF NOT EXISTS ruled_hold VARCHAR(120) COMMENT 'why house rules hold it; null where none does',
    ADD COLUMN IF NOT EXISTS shipped_on DATE COMMENT 'day on which the last piece left';

UPDATE work_order w
JOIN (SELECT work_order_id, COUNT(*) AS line_count, SUM(quantity_ordered) AS pieces,
             IF(COUNT(unit_weight) = COUNT(*), LEAST(SUM(unit_weight * quantity_ordered), 999999999999), NULL) AS weight,
             IF(COUNT(unit_value) = COUNT(*), SUM(unit_value * quantity_ordered), NULL) AS value
      FROM work_order_line GROUP BY work_order_id) sums ON sums.work_order_id = w.id
SET w.line_count = sums.line_count, w.pieces = sums.pieces, w.weight = sums.weight, w.value = sums.value;

-- The other rules are looked at again anyway, since no version is below zero.
UPDATE work_order SET rules_version = -1 WHERE ruling LIKE '%"HOLD"%' AND status <> 'SHIPPED';

ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS number_end VARCHAR(120) AS (REVERSE(number)) VIRTUAL COMMENT 'for the end of a number',
    ADD COLUMN IF NOT EXISTS by_name VARCHAR(120) AS (COALESCE(NULLIF(company, ''), person)) VIRTUAL,
    ADD COLUMN IF NOT EXISTS by_service VARCHAR(120) AS (COALESCE(ruled_service, requested_service)) VIRTUAL,
    ADD COLUMN IF NOT EXISTS by_promise DATE AS (COALESCE(promise_date, '9999-12-31')) VIRTUAL COMMENT 'those without one last',
    ADD COLUMN IF NOT EXISTS by_weight DECIMAL(24, 12) AS (COALESCE(weight, -1)) VIRTUAL,
    ADD COLUMN IF NOT EXISTS by_value DECIMAL(20, 2) AS (COALESCE(value, -1)) VIRTUAL,
    ADD COLUMN IF NOT EXISTS held TINYINT(1) AS (hold <> '' OR COALESCE(ruled_hold, '') <> '') VIRTUAL;

CREATE INDEX IF NOT EXISTS work_order_by_customer ON work_order (customer);
CREATE INDEX IF NOT EXISTS work_order_by_number_end ON work_order (number_end);
CREATE INDEX IF NOT EXISTS work_order_by_name ON work_order (by_name);
CREATE INDEX IF NOT EXISTS work_order_by_person ON work_order (person);
CREATE INDEX IF NOT EXISTS work_order_by_city ON work_order (city);
CREATE INDEX IF NOT EXISTS work_order_by_promise ON work_order (by_promise);
CREATE INDEX IF NOT EXISTS work_order_by_service ON work_order (by_service);
CREATE INDEX IF NOT EXISTS work_order_by_terms ON work_order (terms);
CREATE INDEX IF NOT EXISTS work_order_by_lines ON work_order (line_count);
CREATE INDEX IF NOT EXISTS work_order_by_pieces ON work_order (pieces);
CREATE INDEX IF NOT EXISTS work_order_by_weight ON work_order (by_weight);
CREATE INDEX IF NOT EXISTS work_order_by_value ON work_order (by_value);
CREATE INDEX IF NOT EXISTS work_order_by_state ON work_order (status);
CREATE INDEX IF NOT EXISTS work_order_by_source ON work_order (source);
CREATE INDEX IF NOT EXISTS work_order_by_site ON work_order (site_code);
CREATE INDEX IF NOT EXISTS work_order_by_contents ON work_order (contents);
CREATE INDEX IF NOT EXISTS work_order_by_country ON work_order (country);
CREATE INDEX IF NOT EXISTS work_order_by_held ON work_order (held, status);
CREATE INDEX IF NOT EXISTS work_order_by_day_shipped ON work_order (shipped_on);

-- Every customer, receiver, city and item that any job has, once: parts of names are looked for here.
CREATE TABLE IF NOT EXISTS work_order_name (
    kind  VARCHAR(20)  NOT NULL COMMENT 'what it is the name of',
    name  VARCHAR(120) NOT NULL,
    plain VARCHAR(240) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'in small letters without accents',
    PRIMARY KEY (kind, name)
);

-- Accents of names from before this stay; they are found as they are written.
INSERT IGNORE INTO work_order_name (kind, name, plain)
SELECT kind, name, LOWER(name) FROM (
    SELECT 'CUSTOMER' AS kind, customer AS name FROM work_order
    UNION SELECT 'RECEIVER', company FROM work_order
    UNION SELECT 'RECEIVER', person FROM work_order
    UNION SELECT 'CITY', city FROM work_order
    UNION SELECT 'ITEM', item FROM work_order_line) names
WHERE name <> '';

-- The shop's own fields of jobs, each with its index.
CREATE TABLE IF NOT EXISTS work_order_field (
    work_order_id BIGINT       NOT NULL,
    name          VARCHAR(120) NOT NULL,
    value         VARCHAR(120) NOT NULL,
    PRIMARY KEY (work_order_id, name),
    INDEX work_order_field_value (name, value, work_order_id),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

INSERT IGNORE INTO work_order_field
SELECT w.id, field.name, JSON_VALUE(w.custom, CONCAT('$."', field.name, '"'))
FROM work_order w
JOIN JSON_TABLE(JSON_KEYS(w.custom), '$[*]' COLUMNS (name VARCHAR(120) PATH '$')) field
WHERE w.custom IS NOT NULL AND JSON_VALUE(w.custom, CONCAT('$."', field.name, '"')) IS NOT NULL;

-- Lists that are kept under a name.
CREATE TABLE IF NOT EXISTS job_view (
    id       BIGINT AUTO_INCREMENT PRIMARY KEY,
    owner    VARCHAR(80)   NOT NULL COMMENT 'sign-in of the person whose it is; empty text for all of the shop',
    name     VARCHAR(60)   NOT NULL,
    query    VARCHAR(4000) NOT NULL COMMENT 'words of its address',
    is_start TINYINT(1)    NOT NULL DEFAULT 0 COMMENT 'what Jobs shows its owner first',
    CONSTRAINT job_view_name UNIQUE (owner, name)
);
