-- The newest entries of a state, without reading past all others (each index holds the id as well).

CREATE INDEX IF NOT EXISTS outbox_newest ON outbox (state);
