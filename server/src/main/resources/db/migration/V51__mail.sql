-- Mail to customers and notes to colleagues: who writes, what is written when, what is attached, and who wants none.
CREATE TABLE IF NOT EXISTS mail_setting (
    id             INT          PRIMARY KEY,
    version        INT          NOT NULL,
    sender_name    VARCHAR(120) NOT NULL,
    sender_address VARCHAR(254) NOT NULL COMMENT 'empty text while nobody has set one: nothing is sent',
    reply_to       VARCHAR(254) NOT NULL COMMENT 'empty text: the sender',
    color          VARCHAR(7)   NOT NULL COMMENT '# and six hexadecimal digits',
    closing        VARCHAR(1000) NOT NULL COMMENT 'what stands below every mail',
    public_address VARCHAR(300) NOT NULL COMMENT 'where customers reach this server; empty text: they do not',
    logo           MEDIUMBLOB,
    logo_type      VARCHAR(20)  NOT NULL DEFAULT '',
    changed_by     VARCHAR(60)  NOT NULL,
    changed_at     DATETIME(6)  NOT NULL
);

CREATE TABLE IF NOT EXISTS mail_rule_set (
    id         INT         PRIMARY KEY,
    version    INT         NOT NULL,
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL
);

CREATE TABLE IF NOT EXISTS mail_rule (
    position   INT        PRIMARY KEY,
    definition MEDIUMTEXT NOT NULL COMMENT 'JSON: when, of which jobs, to whom, what'
);

CREATE TABLE IF NOT EXISTS mail_file (
    id         BIGINT AUTO_INCREMENT PRIMARY KEY,
    name       VARCHAR(255) NOT NULL,
    media_type VARCHAR(100) NOT NULL,
    bytes      MEDIUMBLOB   NOT NULL,
    size       INT          NOT NULL,
    added_by   VARCHAR(60)  NOT NULL,
    added_at   DATETIME(6)  NOT NULL
);

CREATE TABLE IF NOT EXISTS mail_stop (
    address    VARCHAR(254) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY COMMENT 'in small letters',
    stopped_at DATETIME(6)  NOT NULL,
    stopped_by VARCHAR(60)  NOT NULL COMMENT 'who wants no more; nobrec where the receiver said so'
);

DROP INDEX IF EXISTS outbox_once ON outbox;
ALTER TABLE outbox DROP COLUMN IF EXISTS once;
ALTER TABLE outbox
    ADD COLUMN IF NOT EXISTS once VARCHAR(300) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin
        AS (IF(being_reversed OR reverses IS NOT NULL
               OR kind IN ('BOOKING', 'VOID', 'MANIFEST', 'PICKUP', 'PICKUP_CALL_OFF', 'RETURN_LABEL', 'RETURN_VOID') AND state <> 'WAITING'
               OR kind IN ('EVENT', 'MAIL')
               OR moment IN ('ON_DEMAND', 'EXCEPTION') AND state <> 'WAITING', NULL,
               CONCAT_WS(':', subject_kind, subject_id, kind, subject_name, IF(kind = 'SOURCE', target, NULL), IF(kind = 'SOURCE', moment, NULL))))
        VIRTUAL COMMENT 'each kind once for a subject, unless it came to nothing or was reversed; to a source once for each moment; an event as often as it is asked for, a mail once for each moment that is reached';
CREATE UNIQUE INDEX IF NOT EXISTS outbox_once ON outbox (once);
