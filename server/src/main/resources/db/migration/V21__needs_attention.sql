-- Why a job cannot go. What the job's record says is computed again whenever it changes; the rest is marked by whoever finds it.
CREATE TABLE IF NOT EXISTS job_attention (
    work_order_id BIGINT      NOT NULL,
    kind          VARCHAR(20) NOT NULL,
    promised      DATE        NOT NULL COMMENT 'its promise date; 9999-12-31 for none',
    PRIMARY KEY (work_order_id, kind),
    INDEX job_attention_by_day (promised, work_order_id, kind),
    INDEX job_attention_by_kind (kind, promised, work_order_id),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);

-- Open jobs are looked at once more, by the task that looks at house rules.
UPDATE work_order SET rules_version = -1 WHERE status IN ('READY', 'ON_BENCH');

INSERT IGNORE INTO job_attention (work_order_id, kind, promised)
SELECT w.id, 'SOURCE', COALESCE(w.promise_date, '9999-12-31')
FROM source_record r JOIN work_order w ON w.id = r.work_order_id
WHERE r.state IN ('CHANGED', 'CANCELLED') AND w.status IN ('READY', 'ON_BENCH');

-- What colleagues should know of a job.
CREATE TABLE IF NOT EXISTS job_note (
    id            BIGINT AUTO_INCREMENT PRIMARY KEY,
    work_order_id BIGINT        NOT NULL,
    written_at    DATETIME(6)   NOT NULL,
    written_by    VARCHAR(60)   NOT NULL COMMENT 'sign-in',
    text          VARCHAR(1000) NOT NULL,
    INDEX job_note_of_order (work_order_id, id),
    FOREIGN KEY (work_order_id) REFERENCES work_order (id)
);
