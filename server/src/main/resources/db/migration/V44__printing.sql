-- What a printer said of itself, and when it is spoken to next. Where it is stands with the connections.
CREATE TABLE IF NOT EXISTS printer (
    code         VARCHAR(40)  NOT NULL PRIMARY KEY COMMENT 'of its connection',
    state        VARCHAR(12)  NOT NULL COMMENT 'IDLE, PRINTING, STOPPED, UNREACHABLE, UNKNOWN',
    said         VARCHAR(500) NOT NULL COMMENT 'why, in words; empty text where nothing is wrong',
    formats      VARCHAR(500) NOT NULL COMMENT 'separated by a comma',
    resolution   INT          NOT NULL COMMENT 'dots per inch; zero where it does not say',
    trays        VARCHAR(500) NOT NULL COMMENT 'separated by a comma',
    looked_at    DATETIME(6),
    failures     INT          NOT NULL DEFAULT 0 COMMENT 'calls without an answer, one after the other',
    next_call_at DATETIME(6)  NOT NULL,
    lease_until  DATETIME(6)  COMMENT 'one server speaks with it until then'
);

-- Which paper goes to which printer at which desk; desk is empty text for every desk that says nothing else.
CREATE TABLE IF NOT EXISTS print_route (
    desk         VARCHAR(60) NOT NULL,
    paper_kind   VARCHAR(20) NOT NULL,
    printer_code VARCHAR(40) NOT NULL,
    copies       INT         NOT NULL,
    tray         VARCHAR(60) NOT NULL COMMENT 'empty text for the usual one',
    PRIMARY KEY (desk, paper_kind)
);

CREATE TABLE IF NOT EXISTS print_job (
    id           BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_key      CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    printer_code VARCHAR(40)  NOT NULL,
    paper_id     BIGINT       COMMENT 'null for a test page',
    title        VARCHAR(200) NOT NULL,
    label        BOOLEAN      NOT NULL COMMENT 'whether it is drawn for label stock',
    copies       INT          NOT NULL,
    tray         VARCHAR(60)  NOT NULL,
    desk         VARCHAR(60)  NOT NULL,
    state        VARCHAR(12)  NOT NULL COMMENT 'WAITING, SENT, PRINTED, FAILED, CALLED_OFF',
    tried        BOOLEAN      NOT NULL DEFAULT FALSE COMMENT 'sent once without a certain answer',
    printer_job  INT          COMMENT 'as the printer numbers it',
    said         VARCHAR(500) NOT NULL,
    asked_by     VARCHAR(60)  NOT NULL,
    asked_at     DATETIME(6)  NOT NULL,
    done_at      DATETIME(6),
    CONSTRAINT print_job_once UNIQUE (job_key),
    INDEX print_job_of_printer (printer_code, state, id),
    INDEX print_job_by_state (state, id)
);
