-- "When this is so, do that", kept by the shop.
CREATE TABLE IF NOT EXISTS house_rule (
    id         BIGINT AUTO_INCREMENT PRIMARY KEY,
    position   INT         NOT NULL COMMENT 'they are looked at in this order',
    definition LONGTEXT    NOT NULL COMMENT 'JSON of the rule as it was written',
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL,
    INDEX house_rule_order (position, id)
);

CREATE TABLE IF NOT EXISTS house_rule_set (
    id         INT  NOT NULL PRIMARY KEY,
    version    INT  NOT NULL COMMENT 'another one with each change, and with a day on which they say something else',
    counted_on DATE NOT NULL COMMENT 'the day the version began to count, or was last found to count still'
);
INSERT IGNORE INTO house_rule_set (id, version, counted_on) VALUES (1, 0, '2000-01-01');

ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS rules_version INT NOT NULL DEFAULT 0 COMMENT 'of the house rules that were looked at last',
    ADD COLUMN IF NOT EXISTS ruling LONGTEXT COMMENT 'JSON of the rules that acted, and why; null where none did',
    ADD COLUMN IF NOT EXISTS ruled_service VARCHAR(120) COMMENT 'requested service as it counts, where rules decided it',
    ADD COLUMN IF NOT EXISTS released_rules TEXT COMMENT 'JSON of ids of rules whose hold somebody released';
CREATE INDEX IF NOT EXISTS work_order_by_rules ON work_order (status, rules_version);
