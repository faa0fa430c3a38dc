-- Which of our sites each job of a run leaves from; empty for runs of before.
ALTER TABLE run_job
    ADD COLUMN IF NOT EXISTS site VARCHAR(20) NOT NULL DEFAULT '' COMMENT 'code of the site that it leaves from';
