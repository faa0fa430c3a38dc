-- What the outbox has taken over goes. A paper hangs on a subject, which is a shipment today and may be a handover tomorrow.
-- Each statement can be run again.

DROP TABLE IF EXISTS carrier_booking;
DROP TABLE IF EXISTS posting;
DROP TABLE IF EXISTS completion;

ALTER TABLE paper ADD COLUMN IF NOT EXISTS subject_kind VARCHAR(20) NOT NULL DEFAULT 'SHIPMENT' AFTER id;
ALTER TABLE paper DROP FOREIGN KEY IF EXISTS paper_ibfk_1;
ALTER TABLE paper DROP INDEX IF EXISTS paper_shipment, DROP INDEX IF EXISTS paper_once;
ALTER TABLE paper CHANGE COLUMN IF EXISTS shipment_id subject_id BIGINT NOT NULL;
CREATE UNIQUE INDEX IF NOT EXISTS paper_once ON paper (subject_kind, subject_id, kind, package_number);
