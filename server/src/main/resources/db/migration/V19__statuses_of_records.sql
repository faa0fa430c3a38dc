-- Statuses are counted on each look at a source, also where it has a million records.
CREATE INDEX IF NOT EXISTS source_record_status ON source_record (source, status);
CREATE INDEX IF NOT EXISTS source_record_of_state ON source_record (state, source, status);
