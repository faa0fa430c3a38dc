-- Long work that goes on by itself: it shows how far it is, outlives page and server, and can be stopped.
CREATE TABLE IF NOT EXISTS background_task (
    id             BIGINT AUTO_INCREMENT PRIMARY KEY,
    kind           VARCHAR(30)                                           NOT NULL,
    lane           VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin     NOT NULL COMMENT 'of those with the same one runs at a time',
    subject        VARCHAR(255)                                          NOT NULL COMMENT 'what it works on, for people',
    request        LONGTEXT                                              NOT NULL,
    state          VARCHAR(20)                                           NOT NULL,
    phase          VARCHAR(200)                                          NOT NULL DEFAULT '',
    done           BIGINT                                                NOT NULL DEFAULT 0,
    total          BIGINT                                                NOT NULL DEFAULT 0 COMMENT 'zero: not known yet',
    progress       LONGTEXT                                              NOT NULL COMMENT 'where it stands, to go on from there',
    problem        VARCHAR(600)                                          NOT NULL DEFAULT '',
    started_by     VARCHAR(60)                                           NOT NULL,
    made_at        DATETIME(6)                                           NOT NULL,
    ended_at       DATETIME(6),
    owner          CHAR(36) CHARACTER SET ascii COLLATE ascii_bin        COMMENT 'who carries it out',
    lease_ends     DATETIME(6),
    attempts       INT                                                   NOT NULL DEFAULT 0,
    stop_requested BOOLEAN                                               NOT NULL DEFAULT FALSE,
    INDEX background_task_due (state, lane, id),
    INDEX background_task_of_lane (lane, id)
);

CREATE TABLE IF NOT EXISTS task_lane (
    lane VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY
);
DROP TABLE IF EXISTS intake_turn;

-- How files and records are read.
CREATE TABLE IF NOT EXISTS layout (
    id         BIGINT AUTO_INCREMENT PRIMARY KEY,
    name       VARCHAR(60) NOT NULL,
    version    INT         NOT NULL,
    definition LONGTEXT    NOT NULL,
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL,
    CONSTRAINT layout_name UNIQUE (name)
);

CREATE TABLE IF NOT EXISTS layout_heading (
    fingerprint CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY COMMENT 'of a first row that is read by it',
    layout_id   BIGINT NOT NULL,
    FOREIGN KEY (layout_id) REFERENCES layout (id) ON DELETE CASCADE
);

ALTER TABLE import_run
    ADD COLUMN IF NOT EXISTS task_id BIGINT,
    ADD COLUMN IF NOT EXISTS state VARCHAR(20) NOT NULL DEFAULT 'DONE',
    ADD COLUMN IF NOT EXISTS reading LONGTEXT COMMENT 'layout, separator and encoding it is read by',
    ADD COLUMN IF NOT EXISTS row_count INT NOT NULL DEFAULT 0,
    MODIFY file_name VARCHAR(255) NOT NULL;

CREATE TABLE IF NOT EXISTS import_file_part (
    import_run_id BIGINT     NOT NULL,
    position      INT        NOT NULL,
    bytes         MEDIUMBLOB NOT NULL,
    PRIMARY KEY (import_run_id, position),
    FOREIGN KEY (import_run_id) REFERENCES import_run (id) ON DELETE CASCADE
);

ALTER TABLE import_fault MODIFY column_name VARCHAR(200) NOT NULL;

-- What a work order can say besides.
ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS batch VARCHAR(120) NOT NULL DEFAULT '',
    ADD COLUMN IF NOT EXISTS site_code VARCHAR(20) NOT NULL DEFAULT '' COMMENT 'it leaves from; empty text: the usual one',
    ADD COLUMN IF NOT EXISTS carton_code VARCHAR(20) NOT NULL DEFAULT '' COMMENT 'asked for',
    ADD COLUMN IF NOT EXISTS hold VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'why it must not go',
    ADD COLUMN IF NOT EXISTS no_prices BOOLEAN NOT NULL DEFAULT FALSE,
    ADD COLUMN IF NOT EXISTS notes VARCHAR(1000) NOT NULL DEFAULT '',
    ADD COLUMN IF NOT EXISTS reference_1 VARCHAR(120) NOT NULL DEFAULT '',
    ADD COLUMN IF NOT EXISTS reference_2 VARCHAR(120) NOT NULL DEFAULT '',
    ADD COLUMN IF NOT EXISTS origin VARCHAR(40) NOT NULL DEFAULT '' COMMENT 'the record system it belongs to, if another than its source',
    ADD COLUMN IF NOT EXISTS origin_number VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'its number there',
    ADD COLUMN IF NOT EXISTS bill_to TEXT COMMENT 'JSON; null where the ship-to is billed',
    ADD COLUMN IF NOT EXISTS custom TEXT COMMENT 'JSON of the shop''s own fields';
CREATE INDEX IF NOT EXISTS work_order_by_batch ON work_order (batch);

ALTER TABLE work_order_line
    ADD COLUMN IF NOT EXISTS quantity_ready INT COMMENT 'where not all are there yet' AFTER quantity_ordered,
    ADD COLUMN IF NOT EXISTS custom TEXT COMMENT 'JSON of the shop''s own fields';

-- Words of a source that nobody has translated yet, and where they stand.
CREATE TABLE IF NOT EXISTS work_order_word (
    id            BIGINT AUTO_INCREMENT PRIMARY KEY,
    work_order_id BIGINT       NOT NULL,
    source        VARCHAR(40)  NOT NULL,
    kind          VARCHAR(20)  NOT NULL,
    word          VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'as it is compared',
    field         VARCHAR(30)  NOT NULL,
    line          INT          NOT NULL COMMENT 'zero: of the whole work order',
    written       VARCHAR(120) NOT NULL COMMENT 'all that stands there',
    CONSTRAINT work_order_word_place UNIQUE (work_order_id, field, line),
    INDEX work_order_word_of_source (source, kind, word),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

CREATE TABLE IF NOT EXISTS wordbook_entry (
    source      VARCHAR(40)  NOT NULL,
    kind        VARCHAR(20)  NOT NULL,
    word        VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    meaning     VARCHAR(120) NOT NULL,
    answered_by VARCHAR(60)  NOT NULL,
    answered_at DATETIME(6)  NOT NULL,
    PRIMARY KEY (source, kind, word)
);
