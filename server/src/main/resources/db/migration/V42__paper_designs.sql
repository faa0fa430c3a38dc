-- How a shop makes up its papers: slip designs, sticker sheets. Those that are always there are in no table.
CREATE TABLE IF NOT EXISTS paper_design (
    id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'SLIP or STICKERS',
    name VARCHAR(60) NOT NULL,
    version INT NOT NULL DEFAULT 1,
    definition MEDIUMTEXT NOT NULL,
    withdrawn BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'no longer to be chosen; what chose it before is still printed by it',
    failure VARCHAR(300) NOT NULL DEFAULT '' COMMENT 'why it was last printed by the template that is always there',
    failed_at DATETIME(6) NULL,
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL,
    CONSTRAINT paper_design_name UNIQUE (kind, name)
);

-- What papers are made by where nothing else is chosen.
CREATE TABLE IF NOT EXISTS paper_default (
    purpose VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY
        COMMENT 'SLIP_AT_HOME, SLIP_ABROAD, SLIP_ON_BOX: name of a slip design; LABEL_SHEET: what labels are drawn for',
    value VARCHAR(60) NOT NULL,
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL
);
