-- Papers that nobody is likely to print again soon are packed; unpacked they are the same bytes.
ALTER TABLE paper
    ADD COLUMN IF NOT EXISTS packing INT NOT NULL DEFAULT 0 COMMENT '0: as it is; else by which dictionary it is packed';
CREATE INDEX IF NOT EXISTS paper_by_packing ON paper (packing, made_at);
