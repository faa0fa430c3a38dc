-- A person's badge: its barcode says whose acts follow at a desk where somebody has signed in. Only its fingerprint is kept.
CREATE TABLE IF NOT EXISTS badge (
    sign_in  VARCHAR(60) PRIMARY KEY,
    hash     CHAR(64)    NOT NULL,
    made_at  DATETIME(6) NOT NULL,
    CONSTRAINT badge_hash UNIQUE (hash)
);

-- Who has which job open on the Bench, as of the last beat of the page.
CREATE TABLE IF NOT EXISTS bench_presence (
    job     VARCHAR(120) NOT NULL,
    sign_in VARCHAR(60)  NOT NULL,
    seen_at DATETIME(6)  NOT NULL,
    PRIMARY KEY (job, sign_in),
    INDEX bench_presence_of (sign_in, seen_at)
);
