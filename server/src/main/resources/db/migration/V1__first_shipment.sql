-- Moments are UTC. Weights are exact grams, lengths exact millimetres, amounts in the shop's currency.

CREATE TABLE app_user (
    id            BIGINT AUTO_INCREMENT PRIMARY KEY,
    sign_in       VARCHAR(60)  NOT NULL,
    display_name  VARCHAR(80)  NOT NULL,
    password_hash VARCHAR(200) NOT NULL,
    role          VARCHAR(20)  NOT NULL,
    active        BOOLEAN      NOT NULL DEFAULT TRUE,
    CONSTRAINT app_user_sign_in UNIQUE (sign_in)
);

-- Table layout of Spring Session JDBC for MySQL and MariaDB.
CREATE TABLE SPRING_SESSION (
    PRIMARY_ID            CHAR(36) NOT NULL PRIMARY KEY,
    SESSION_ID            CHAR(36) NOT NULL,
    CREATION_TIME         BIGINT   NOT NULL,
    LAST_ACCESS_TIME      BIGINT   NOT NULL,
    MAX_INACTIVE_INTERVAL INT      NOT NULL,
    EXPIRY_TIME           BIGINT   NOT NULL,
    PRINCIPAL_NAME        VARCHAR(100),
    CONSTRAINT spring_session_id UNIQUE (SESSION_ID),
    INDEX spring_session_expiry (EXPIRY_TIME),
    INDEX spring_session_principal (PRINCIPAL_NAME)
) ROW_FORMAT = DYNAMIC;

CREATE TABLE SPRING_SESSION_ATTRIBUTES (
    SESSION_PRIMARY_ID CHAR(36)     NOT NULL,
    ATTRIBUTE_NAME     VARCHAR(200) NOT NULL,
    ATTRIBUTE_BYTES    BLOB         NOT NULL,
    PRIMARY KEY (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
    FOREIGN KEY (SESSION_PRIMARY_ID) REFERENCES SPRING_SESSION (PRIMARY_ID) ON DELETE CASCADE
) ROW_FORMAT = DYNAMIC;

-- Table layout of db-scheduler for MariaDB.
CREATE TABLE scheduled_tasks (
    task_name            VARCHAR(100) NOT NULL,
    task_instance        VARCHAR(100) NOT NULL,
    task_data            BLOB,
    execution_time       TIMESTAMP(6) NOT NULL,
    picked               BOOLEAN      NOT NULL,
    picked_by            VARCHAR(50),
    last_success         TIMESTAMP(6) NULL,
    last_failure         TIMESTAMP(6) NULL,
    consecutive_failures INT,
    last_heartbeat       TIMESTAMP(6) NULL,
    version              BIGINT       NOT NULL,
    priority             SMALLINT,
    PRIMARY KEY (task_name, task_instance),
    INDEX scheduled_tasks_execution (execution_time),
    INDEX scheduled_tasks_heartbeat (last_heartbeat)
);

CREATE TABLE act_log (
    id       BIGINT AUTO_INCREMENT PRIMARY KEY,
    at       DATETIME(6)  NOT NULL,
    sign_in  VARCHAR(60)  NOT NULL,
    act      VARCHAR(60)  NOT NULL,
    thing    VARCHAR(120) NOT NULL,
    detail   VARCHAR(500) NOT NULL,
    INDEX act_log_at (at),
    INDEX act_log_thing (thing)
);

CREATE TABLE postal_code (
    code      CHAR(5)        NOT NULL PRIMARY KEY,
    town      VARCHAR(80)    NOT NULL,
    state     CHAR(2)        NOT NULL,
    latitude  DECIMAL(9, 6)  NOT NULL,
    longitude DECIMAL(9, 6)  NOT NULL
);

CREATE TABLE postal_area (
    code      CHAR(3) NOT NULL PRIMARY KEY,
    latitude  DOUBLE  NOT NULL,
    longitude DOUBLE  NOT NULL
);

CREATE TABLE site (
    id          BIGINT AUTO_INCREMENT PRIMARY KEY,
    code        VARCHAR(20) NOT NULL,
    company     VARCHAR(80) NOT NULL,
    street      VARCHAR(80) NOT NULL,
    town        VARCHAR(80) NOT NULL,
    state       CHAR(2)     NOT NULL,
    postal_code CHAR(5)     NOT NULL,
    country     CHAR(2)     NOT NULL,
    phone       VARCHAR(20) NOT NULL,
    time_zone   VARCHAR(40) NOT NULL,
    opens_at    TIME        NOT NULL,
    closes_at   TIME        NOT NULL,
    CONSTRAINT site_code UNIQUE (code)
);

CREATE TABLE carton_type (
    code              VARCHAR(20)     NOT NULL PRIMARY KEY,
    name              VARCHAR(60)     NOT NULL,
    inner_length      DECIMAL(18, 6)  NOT NULL,
    inner_width       DECIMAL(18, 6)  NOT NULL,
    inner_height      DECIMAL(18, 6)  NOT NULL,
    outer_length      DECIMAL(18, 6)  NOT NULL,
    outer_width       DECIMAL(18, 6)  NOT NULL,
    outer_height      DECIMAL(18, 6)  NOT NULL,
    tare              DECIMAL(24, 12) NOT NULL,
    greatest_contents DECIMAL(24, 12) NOT NULL,
    band_from         DECIMAL(24, 12) NOT NULL,
    band_to           DECIMAL(24, 12) NOT NULL,
    cost              DECIMAL(14, 2)  NOT NULL,
    standard          BOOLEAN         NOT NULL
);

CREATE TABLE carrier (
    code           VARCHAR(20) NOT NULL PRIMARY KEY,
    name           VARCHAR(60) NOT NULL,
    phone_required BOOLEAN     NOT NULL,
    tracking_form  VARCHAR(30) NOT NULL
);

CREATE TABLE service (
    code                       VARCHAR(20)     NOT NULL PRIMARY KEY,
    carrier_code               VARCHAR(20)     NOT NULL,
    name                       VARCHAR(60)     NOT NULL,
    ground                     BOOLEAN         NOT NULL,
    greatest_weight            DECIMAL(24, 12) NOT NULL,
    greatest_length            DECIMAL(18, 6)  NOT NULL,
    greatest_length_plus_girth DECIMAL(18, 6)  NOT NULL,
    excluded_places            VARCHAR(60)     NOT NULL COMMENT 'place kinds, separated by a comma',
    transit_days               VARCHAR(40)     NOT NULL COMMENT 'zone 1 to 8, separated by a comma',
    FOREIGN KEY (carrier_code) REFERENCES carrier (code)
);

CREATE TABLE pickup (
    id           BIGINT AUTO_INCREMENT PRIMARY KEY,
    site_id      BIGINT      NOT NULL,
    carrier_code VARCHAR(20) NOT NULL,
    cut_off      TIME        NOT NULL,
    days         VARCHAR(70) NOT NULL COMMENT 'days of the week, separated by a comma',
    CONSTRAINT pickup_of_carrier UNIQUE (site_id, carrier_code),
    FOREIGN KEY (site_id) REFERENCES site (id),
    FOREIGN KEY (carrier_code) REFERENCES carrier (code)
);

CREATE TABLE rate_sheet (
    id                    BIGINT AUTO_INCREMENT PRIMARY KEY,
    service_code          VARCHAR(20)     NOT NULL,
    first_day             DATE            NOT NULL,
    units                 VARCHAR(30)     NOT NULL,
    weight_step           DECIMAL(24, 12) NOT NULL,
    dimensional_divisor   INT             NOT NULL,
    residential_surcharge DECIMAL(14, 2)  NOT NULL,
    fuel_percent          DECIMAL(6, 3)   NOT NULL,
    CONSTRAINT rate_sheet_first_day UNIQUE (service_code, first_day),
    FOREIGN KEY (service_code) REFERENCES service (code)
);

CREATE TABLE rate_price (
    rate_sheet_id BIGINT          NOT NULL,
    up_to         DECIMAL(24, 12) NOT NULL,
    zone          TINYINT         NOT NULL,
    price         DECIMAL(14, 2)  NOT NULL,
    PRIMARY KEY (rate_sheet_id, up_to, zone),
    FOREIGN KEY (rate_sheet_id) REFERENCES rate_sheet (id)
);

CREATE TABLE charge_rule (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    first_day       DATE          NOT NULL,
    markup_percent  DECIMAL(6, 3) NOT NULL,
    cartons_at_cost BOOLEAN       NOT NULL,
    CONSTRAINT charge_rule_first_day UNIQUE (first_day)
);

CREATE TABLE import_run (
    id          BIGINT AUTO_INCREMENT PRIMARY KEY,
    file_name   VARCHAR(160) NOT NULL,
    layout_name VARCHAR(60)  NOT NULL,
    at          DATETIME(6)  NOT NULL,
    sign_in     VARCHAR(60)  NOT NULL,
    taken       INT          NOT NULL,
    recognised  INT          NOT NULL,
    left_out    INT          NOT NULL
);

CREATE TABLE import_fault (
    id            BIGINT AUTO_INCREMENT PRIMARY KEY,
    import_run_id BIGINT       NOT NULL,
    `row_number`  INT          NOT NULL,
    column_name   VARCHAR(120) NOT NULL,
    order_number  VARCHAR(120) NOT NULL,
    value         VARCHAR(120) NOT NULL,
    reason        VARCHAR(300) NOT NULL,
    cure          VARCHAR(300) NOT NULL,
    FOREIGN KEY (import_run_id) REFERENCES import_run (id)
);

CREATE TABLE work_order (
    id            BIGINT AUTO_INCREMENT PRIMARY KEY,
    source        VARCHAR(40)  NOT NULL,
    number        VARCHAR(120) NOT NULL,
    import_run_id BIGINT,
    customer      VARCHAR(120) NOT NULL,
    customer_po   VARCHAR(120) NOT NULL,
    company       VARCHAR(120) NOT NULL,
    person        VARCHAR(120) NOT NULL,
    street        VARCHAR(120) NOT NULL,
    street2       VARCHAR(120) NOT NULL,
    town          VARCHAR(120) NOT NULL,
    state         VARCHAR(120) NOT NULL,
    postal_code   VARCHAR(120) NOT NULL,
    country       VARCHAR(120) NOT NULL,
    phone         VARCHAR(120) NOT NULL,
    mail          VARCHAR(120) NOT NULL,
    promise_date  DATE,
    asked_service VARCHAR(120) NOT NULL,
    terms         VARCHAR(30)  NOT NULL,
    status        VARCHAR(20)  NOT NULL,
    taken_in_at   DATETIME(6)  NOT NULL,
    CONSTRAINT work_order_number UNIQUE (source, number),
    INDEX work_order_by_number (number),
    INDEX work_order_by_status (status, promise_date, id),
    FOREIGN KEY (import_run_id) REFERENCES import_run (id)
);

CREATE TABLE work_order_line (
    id               BIGINT AUTO_INCREMENT PRIMARY KEY,
    work_order_id    BIGINT       NOT NULL,
    position         INT          NOT NULL,
    item             VARCHAR(120) NOT NULL,
    description      VARCHAR(120) NOT NULL,
    quantity_ordered INT          NOT NULL,
    quantity_shipped INT          NOT NULL DEFAULT 0,
    unit_weight      DECIMAL(24, 12),
    unit_length      DECIMAL(18, 6),
    unit_width       DECIMAL(18, 6),
    unit_height      DECIMAL(18, 6),
    CONSTRAINT work_order_line_position UNIQUE (work_order_id, position),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

CREATE TABLE shipment (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    site_id         BIGINT      NOT NULL,
    work_order_id   BIGINT      NOT NULL,
    state           VARCHAR(20) NOT NULL,
    chosen_service  VARCHAR(20),
    service_code    VARCHAR(20) COMMENT 'the service it went by',
    ship_date       DATE,
    delivery_date   DATE,
    freight_cost    DECIMAL(14, 2),
    customer_charge DECIMAL(14, 2),
    margin          DECIMAL(14, 2) COMMENT 'customer charge less freight and cartons',
    started_by      VARCHAR(60),
    shipped_at      DATETIME(6),
    opened_at       DATETIME(6) NOT NULL,
    CONSTRAINT shipment_of_work_order UNIQUE (work_order_id),
    INDEX shipment_by_state (state, ship_date),
    FOREIGN KEY (site_id) REFERENCES site (id),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

CREATE TABLE package (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id     BIGINT      NOT NULL,
    number          INT         NOT NULL,
    carton_code     VARCHAR(20) NOT NULL,
    carton_reason   VARCHAR(300) NOT NULL,
    length          DECIMAL(18, 6) NOT NULL,
    width           DECIMAL(18, 6) NOT NULL,
    height          DECIMAL(18, 6) NOT NULL,
    expected_weight DECIMAL(24, 12),
    weight          DECIMAL(24, 12),
    weight_source   VARCHAR(20),
    tracking_number VARCHAR(40),
    CONSTRAINT package_number UNIQUE (shipment_id, number),
    CONSTRAINT package_tracking_number UNIQUE (tracking_number),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id),
    FOREIGN KEY (carton_code) REFERENCES carton_type (code)
);

CREATE TABLE package_content (
    package_id         BIGINT NOT NULL,
    work_order_line_id BIGINT NOT NULL,
    quantity           INT    NOT NULL,
    PRIMARY KEY (package_id, work_order_line_id),
    FOREIGN KEY (package_id) REFERENCES package (id),
    FOREIGN KEY (work_order_line_id) REFERENCES work_order_line (id)
);

CREATE TABLE shipment_charge_line (
    shipment_id    BIGINT         NOT NULL,
    position       INT            NOT NULL,
    side           VARCHAR(10)    NOT NULL COMMENT 'COST: what the carrier charges; CUSTOMER: what the customer pays',
    package_number INT,
    title          VARCHAR(80)    NOT NULL,
    amount         DECIMAL(14, 2) NOT NULL,
    explanation    VARCHAR(400)   NOT NULL,
    PRIMARY KEY (shipment_id, position),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);

CREATE TABLE carrier_booking (
    booking_key  CHAR(36)     NOT NULL PRIMARY KEY,
    shipment_id  BIGINT       NOT NULL,
    carrier_code VARCHAR(20)  NOT NULL,
    state        VARCHAR(20)  NOT NULL,
    request      LONGTEXT     NOT NULL,
    attempts     INT          NOT NULL,
    next_try_at  DATETIME(6)  NOT NULL,
    answer       VARCHAR(500) NOT NULL,
    asked_at     DATETIME(6)  NOT NULL,
    INDEX carrier_booking_shipment (shipment_id),
    INDEX carrier_booking_due (state, next_try_at),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);

CREATE TABLE paper (
    id             BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id    BIGINT      NOT NULL,
    kind           VARCHAR(20) NOT NULL,
    package_number INT,
    title          VARCHAR(120) NOT NULL,
    pdf            LONGBLOB    NOT NULL,
    made_at        DATETIME(6) NOT NULL,
    INDEX paper_shipment (shipment_id),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);

CREATE TABLE posting (
    id          BIGINT AUTO_INCREMENT PRIMARY KEY,
    posting_key CHAR(36)     NOT NULL,
    shipment_id BIGINT       NOT NULL,
    job         VARCHAR(120) NOT NULL,
    target      VARCHAR(20)  NOT NULL,
    summary     VARCHAR(300) NOT NULL,
    address     VARCHAR(200) NOT NULL,
    request     LONGTEXT     NOT NULL,
    state       VARCHAR(20)  NOT NULL,
    attempts    INT          NOT NULL DEFAULT 0,
    next_try_at DATETIME(6)  NOT NULL,
    answer      VARCHAR(500) NOT NULL DEFAULT '',
    made_at     DATETIME(6)  NOT NULL,
    done_at     DATETIME(6),
    CONSTRAINT posting_by_key UNIQUE (posting_key),
    CONSTRAINT posting_once UNIQUE (shipment_id, target),
    INDEX posting_due (state, next_try_at),
    INDEX posting_newest (made_at),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);
