-- Days on which nothing leaves from a site, whatever carriers do.

CREATE TABLE IF NOT EXISTS closing_day (
    site_id BIGINT      NOT NULL,
    day     DATE        NOT NULL,
    reason  VARCHAR(80) NOT NULL,
    PRIMARY KEY (site_id, day),
    FOREIGN KEY (site_id) REFERENCES site (id)
);
