-- A line may go somewhere else than its job.
ALTER TABLE work_order_line
    ADD COLUMN IF NOT EXISTS ship_to LONGTEXT COMMENT 'JSON, an address; null where it goes where the job goes';
