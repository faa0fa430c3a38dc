-- One word for one thing, the trade's own (docs/glossary.md). Each statement can be run again.

ALTER TABLE site RENAME COLUMN IF EXISTS town TO city;
ALTER TABLE postal_code RENAME COLUMN IF EXISTS town TO city;
ALTER TABLE work_order RENAME COLUMN IF EXISTS town TO city;

ALTER TABLE carton_type RENAME COLUMN IF EXISTS greatest_contents TO maximum_contents;
ALTER TABLE service RENAME COLUMN IF EXISTS greatest_weight TO maximum_weight;
ALTER TABLE service RENAME COLUMN IF EXISTS greatest_length TO maximum_length;
ALTER TABLE service RENAME COLUMN IF EXISTS greatest_length_plus_girth TO maximum_length_plus_girth;

ALTER TABLE service RENAME COLUMN IF EXISTS extras TO accessorials;
ALTER TABLE shipment RENAME COLUMN IF EXISTS extras TO accessorials;

ALTER TABLE import_fault RENAME COLUMN IF EXISTS cure TO remedy;
ALTER TABLE import_run RENAME COLUMN IF EXISTS recognised TO recognized;

RENAME TABLE IF EXISTS act_log TO audit_log;

-- Rate sheets are kept as the documents they were read from; three words of their format have changed.
UPDATE rate_sheet
SET csv = REPLACE(REPLACE(REPLACE(csv, 'wanted ', 'requested '), 'least billable', 'minimum billable'), 'greatest weight', 'maximum weight');
