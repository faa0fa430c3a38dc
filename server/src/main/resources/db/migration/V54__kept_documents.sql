-- What the shop has decided as a whole: one table instead of one for each.
CREATE TABLE IF NOT EXISTS kept_document (
    code       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
    version    INT         NOT NULL,
    definition MEDIUMTEXT  NOT NULL COMMENT 'JSON',
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL
);

-- Should it break off between two of the last lines, there is something to read when it begins again.
CREATE TABLE IF NOT EXISTS status_rule_set (id INT, version INT, changed_by VARCHAR(60), changed_at DATETIME(6));
CREATE TABLE IF NOT EXISTS status_rule (position INT, definition MEDIUMTEXT);
CREATE TABLE IF NOT EXISTS mail_rule_set (id INT, version INT, changed_by VARCHAR(60), changed_at DATETIME(6));
CREATE TABLE IF NOT EXISTS mail_rule (position INT, definition MEDIUMTEXT);
CREATE TABLE IF NOT EXISTS customer_setting
    (id INT, version INT, definition MEDIUMTEXT, changed_by VARCHAR(60), changed_at DATETIME(6));

SET SESSION group_concat_max_len = 16777216;
INSERT IGNORE INTO kept_document (code, version, definition, changed_by, changed_at)
SELECT 'STATUS_RULES', s.version,
       CONCAT('[', COALESCE((SELECT GROUP_CONCAT(definition ORDER BY position SEPARATOR ',') FROM status_rule), ''), ']'),
       s.changed_by, s.changed_at
FROM status_rule_set s WHERE s.id = 1;
INSERT IGNORE INTO kept_document (code, version, definition, changed_by, changed_at)
SELECT 'EMAILS', s.version,
       CONCAT('[', COALESCE((SELECT GROUP_CONCAT(definition ORDER BY position SEPARATOR ',') FROM mail_rule), ''), ']'),
       s.changed_by, s.changed_at
FROM mail_rule_set s WHERE s.id = 1;
INSERT IGNORE INTO kept_document (code, version, definition, changed_by, changed_at)
SELECT 'CUSTOMERS', version, definition, changed_by, changed_at FROM customer_setting WHERE id = 1;

DROP TABLE IF EXISTS status_rule;
DROP TABLE IF EXISTS status_rule_set;
DROP TABLE IF EXISTS mail_rule;
DROP TABLE IF EXISTS mail_rule_set;
DROP TABLE IF EXISTS customer_setting;
