-- What becomes of each package after it has left; one row a package, gone with the label when that is void.
CREATE TABLE IF NOT EXISTS package_track (
    id              BIGINT AUTO_INCREMENT PRIMARY KEY,
    shipment_id     BIGINT       NOT NULL,
    package_number  INT          NOT NULL,
    packages        INT          NOT NULL COMMENT 'of the shipment, in all',
    tracking_number VARCHAR(40)  NOT NULL,
    carrier_code    VARCHAR(20)  NOT NULL,
    service_code    VARCHAR(20)  NOT NULL,
    site_id         BIGINT       NOT NULL,
    job             VARCHAR(200) NOT NULL COMMENT 'number of the leading work order',
    receiver        VARCHAR(200) NOT NULL,
    destination     VARCHAR(200) NOT NULL COMMENT 'town, as it is written',
    area            VARCHAR(20)  NOT NULL COMMENT 'country, and the first three digits of the postal code at home',
    shipped_at      DATETIME(6)  NOT NULL,
    ship_date       DATE         NOT NULL,
    promise         DATE         NOT NULL,
    state           VARCHAR(20)  NOT NULL,
    moved_at        DATETIME(6)  NOT NULL COMMENT 'when something happened to it last',
    said            VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'that, in words',
    exception_key   VARCHAR(80)  NOT NULL DEFAULT '' COMMENT 'event that went wrong and was told',
    carrier_day     DATE COMMENT 'the carrier''s own latest estimate',
    delivered_at    DATETIME(6),
    delivered_on    DATE COMMENT 'in the time of the place where it was delivered',
    ask_at          DATETIME(6) COMMENT 'when the carrier is asked next; nothing where it is asked no more',
    claimed_by      VARCHAR(40)  NOT NULL DEFAULT '' COMMENT 'the question in which it is asked about',
    asked_at        DATETIME(6),
    fault           VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'why nothing was learned at the last time',
    failures        INT          NOT NULL DEFAULT 0,
    closed_by       VARCHAR(60) COMMENT 'who said that it needs nothing more',
    closed_at       DATETIME(6),
    counted         BOOLEAN      NOT NULL DEFAULT FALSE COMMENT 'its shipment is part of what is known of its service',
    CONSTRAINT package_track_number UNIQUE (tracking_number),
    INDEX package_track_of (shipment_id, id),
    INDEX package_track_due (carrier_code, ask_at),
    INDEX package_track_claimed (claimed_by),
    INDEX package_track_promised (state, promise),
    INDEX package_track_moved (state, moved_at),
    INDEX package_track_delivered (delivered_on),
    FOREIGN KEY (shipment_id) REFERENCES shipment (id)
);

CREATE TABLE IF NOT EXISTS tracking_event (
    id             BIGINT AUTO_INCREMENT PRIMARY KEY,
    track_id       BIGINT       NOT NULL,
    event_key      VARCHAR(80)  CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'by which the carrier knows it',
    kind           VARCHAR(20)  NOT NULL,
    happened_at    DATETIME(6)  NOT NULL,
    offset_minutes INT          NOT NULL COMMENT 'of the time of the place from UTC',
    place          VARCHAR(120) NOT NULL,
    text           VARCHAR(300) NOT NULL,
    pushed         BOOLEAN      NOT NULL COMMENT 'whether the carrier told it unasked',
    learned_at     DATETIME(6)  NOT NULL,
    CONSTRAINT tracking_event_once UNIQUE (track_id, event_key),
    FOREIGN KEY (track_id) REFERENCES package_track (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS track_note (
    id         BIGINT AUTO_INCREMENT PRIMARY KEY,
    track_id   BIGINT        NOT NULL,
    kind       VARCHAR(20)   NOT NULL,
    text       VARCHAR(1000) NOT NULL,
    amount     DECIMAL(14, 2) COMMENT 'claimed, in the shop''s currency',
    made_by    VARCHAR(60)   NOT NULL,
    made_at    DATETIME(6)   NOT NULL,
    INDEX track_note_of (track_id, id),
    FOREIGN KEY (track_id) REFERENCES package_track (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS asking_intervals (
    carrier_code      VARCHAR(20) PRIMARY KEY,
    version           INT         NOT NULL,
    usual_minutes     INT         NOT NULL,
    due_today_minutes INT         NOT NULL,
    quiet_minutes     INT         NOT NULL,
    quiet_days        INT         NOT NULL,
    changed_by        VARCHAR(60) NOT NULL,
    changed_at        DATETIME(6) NOT NULL
);

-- How shipments came in, by service, site and area: the area's own, its first digit, and everywhere (empty text).
CREATE TABLE IF NOT EXISTS on_time (
    service_code VARCHAR(20) NOT NULL,
    site_id      BIGINT      NOT NULL,
    area         VARCHAR(20) NOT NULL,
    on_time      INT         NOT NULL,
    a_day_late   INT         NOT NULL,
    later        INT         NOT NULL,
    PRIMARY KEY (service_code, site_id, area)
);

CREATE TABLE IF NOT EXISTS demo_clock (
    id            INT    PRIMARY KEY,
    ahead_seconds BIGINT NOT NULL COMMENT 'by which somebody has let time pass in the demonstration'
);
INSERT IGNORE INTO demo_clock (id, ahead_seconds) VALUES (1, 0);
