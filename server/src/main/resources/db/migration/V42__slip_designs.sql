-- A shop's own slip designs. Those that are always there are in no table.
CREATE TABLE IF NOT EXISTS slip_design (
    id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
    name VARCHAR(60) NOT NULL,
    version INT NOT NULL DEFAULT 1,
    definition MEDIUMTEXT NOT NULL,
    -- no longer to be chosen; jobs whose rule named it are still printed by it
    withdrawn BOOLEAN NOT NULL DEFAULT FALSE,
    -- why it was last printed by the template that is always there, instead of its own
    failure VARCHAR(300) NOT NULL DEFAULT '',
    failed_at DATETIME(6) NULL,
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL,
    CONSTRAINT slip_design_name UNIQUE (name)
);

-- By which design slips are printed that no house rule chooses one for.
CREATE TABLE IF NOT EXISTS slip_design_default (
    abroad BOOLEAN NOT NULL PRIMARY KEY,
    name VARCHAR(60) NOT NULL,
    changed_by VARCHAR(60) NOT NULL,
    changed_at DATETIME(6) NOT NULL
);
