-- Which of our sites a job leaves from as it counts, and which one somebody looks at.
ALTER TABLE work_order
    ADD COLUMN IF NOT EXISTS ruled_site VARCHAR(120) COMMENT 'site as it counts, where house rules decided it';

ALTER TABLE app_user
    ADD COLUMN IF NOT EXISTS site_code VARCHAR(20) NOT NULL DEFAULT '' COMMENT 'empty: the home site; ALL: all sites';
