-- The full sums: kinds of packages, rate sheets as documents, fuel, charge rules, and several orders in a shipment.

ALTER TABLE carton_type
    ADD COLUMN kind          VARCHAR(20)  NOT NULL DEFAULT 'CARTON' AFTER name,
    ADD COLUMN stated_weight DECIMAL(24, 12),
    ADD COLUMN supplied_by   VARCHAR(20),
    ADD COLUMN services      VARCHAR(200) NOT NULL DEFAULT '' COMMENT 'that accept a supplied one, separated by a comma';

ALTER TABLE carrier
    ADD COLUMN company_required BOOLEAN NOT NULL DEFAULT FALSE AFTER phone_required;

ALTER TABLE service
    ADD COLUMN countries      VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'abroad, separated by a comma',
    ADD COLUMN transit_places VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'place=days, separated by a comma',
    ADD COLUMN takes          VARCHAR(100) NOT NULL DEFAULT 'CARTON,ENVELOPE,TUBE',
    ADD COLUMN excluded_goods VARCHAR(100) NOT NULL DEFAULT '',
    ADD COLUMN extras         VARCHAR(200) NOT NULL DEFAULT '';

DROP TABLE rate_price;
DROP TABLE rate_sheet;

-- A sheet is a document: kept as it was read, never changed; a newer one has a later first day.
CREATE TABLE rate_sheet (
    id           BIGINT AUTO_INCREMENT PRIMARY KEY,
    service_code VARCHAR(20) NOT NULL,
    first_day    DATE        NOT NULL,
    csv          LONGTEXT    NOT NULL,
    read_at      DATETIME(6) NOT NULL,
    CONSTRAINT rate_sheet_first_day UNIQUE (service_code, first_day),
    FOREIGN KEY (service_code) REFERENCES service (code)
);

CREATE TABLE fuel_index (
    code        VARCHAR(20) NOT NULL,
    first_day   DATE        NOT NULL,
    thousandths INT         NOT NULL COMMENT 'of a per cent',
    PRIMARY KEY (code, first_day)
);

DROP TABLE charge_rule;

CREATE TABLE charge_rule (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    first_day       DATE           NOT NULL,
    last_day        DATE,
    name            VARCHAR(80)    NOT NULL,
    customer        VARCHAR(120),
    terms           VARCHAR(30),
    service_code    VARCHAR(20),
    order_from      DECIMAL(14, 2) NOT NULL,
    markup          INT            NOT NULL COMMENT 'thousandths of a per cent',
    handling        DECIMAL(14, 2) NOT NULL,
    cartons_at_cost BOOLEAN        NOT NULL,
    discount        INT            NOT NULL COMMENT 'thousandths of a per cent',
    round_up_to     DECIMAL(14, 2) NOT NULL,
    floor_amount    DECIMAL(14, 2) NOT NULL,
    cap_amount      DECIMAL(14, 2) NOT NULL,
    free_from_order DECIMAL(14, 2) NOT NULL,
    free_services   VARCHAR(200)   NOT NULL,
    holds_estimate  BOOLEAN        NOT NULL,
    INDEX charge_rule_first_day (first_day)
);

ALTER TABLE work_order
    ADD COLUMN carrier_account VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'of the receiver or third party that pays',
    ADD COLUMN quoted_freight  DECIMAL(14, 2);

ALTER TABLE work_order_line
    ADD COLUMN unit_value     DECIMAL(14, 2),
    ADD COLUMN hs_code        VARCHAR(120) NOT NULL DEFAULT '',
    ADD COLUMN origin         VARCHAR(120) NOT NULL DEFAULT '',
    ADD COLUMN goods_class    VARCHAR(30),
    ADD COLUMN freight_class  VARCHAR(10),
    ADD COLUMN this_side_up   BOOLEAN      NOT NULL DEFAULT FALSE,
    ADD COLUMN nothing_on_top BOOLEAN      NOT NULL DEFAULT FALSE,
    ADD COLUMN alone          BOOLEAN      NOT NULL DEFAULT FALSE,
    ADD COLUMN lots           VARCHAR(400) NOT NULL DEFAULT '' COMMENT 'lot=pieces, separated by a semicolon';

ALTER TABLE shipment
    ADD INDEX shipment_by_work_order (work_order_id, state),
    DROP INDEX shipment_of_work_order,
    ADD COLUMN extras  VARCHAR(200) NOT NULL DEFAULT '' COMMENT 'separated by a comma',
    ADD COLUMN ship_on DATE COMMENT 'not before this day';

-- What goes in a shipment: lines of one or several work orders, whole or in part.
CREATE TABLE shipment_line (
    shipment_id        BIGINT NOT NULL,
    work_order_line_id BIGINT NOT NULL,
    quantity           INT    NOT NULL,
    PRIMARY KEY (shipment_id, work_order_line_id),
    INDEX shipment_line_of_order (work_order_line_id),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id),
    FOREIGN KEY (work_order_line_id) REFERENCES work_order_line (id)
);

INSERT INTO shipment_line (shipment_id, work_order_line_id, quantity)
SELECT s.id, l.id, l.quantity_ordered
FROM shipment s JOIN work_order_line l ON l.work_order_id = s.work_order_id;

ALTER TABLE package
    ADD COLUMN placed_by_hand BOOLEAN NOT NULL DEFAULT FALSE;

ALTER TABLE package_content
    ADD COLUMN lots VARCHAR(400) NOT NULL DEFAULT '';

-- Where each piece lies, so that a plan is drawn as it was made.
CREATE TABLE package_placement (
    package_id         BIGINT         NOT NULL,
    position           INT            NOT NULL,
    work_order_line_id BIGINT         NOT NULL,
    x                  DECIMAL(18, 6) NOT NULL,
    y                  DECIMAL(18, 6) NOT NULL,
    z                  DECIMAL(18, 6) NOT NULL,
    length             DECIMAL(18, 6) NOT NULL,
    width              DECIMAL(18, 6) NOT NULL,
    height             DECIMAL(18, 6) NOT NULL,
    carton             VARCHAR(200)   NOT NULL COMMENT 'a carton on a pallet and what is in it; empty text for a piece',
    PRIMARY KEY (package_id, position),
    FOREIGN KEY (package_id) REFERENCES package (id)
);

-- Each work order of a shipment is reported to its source.
ALTER TABLE posting
    ADD CONSTRAINT posting_once_a_job UNIQUE (shipment_id, target, job),
    DROP INDEX posting_once;
