-- "Requested" is the one word for what a record asks for.

ALTER TABLE work_order RENAME COLUMN IF EXISTS asked_service TO requested_service;
