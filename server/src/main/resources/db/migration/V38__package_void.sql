-- One package of a shipment can be made void: the rest stays as it left, the package stands in a shipment of its own.
ALTER TABLE voided_shipment
    ADD COLUMN IF NOT EXISTS package_number INT COMMENT 'the one package that is void; nothing where all are',
    ADD COLUMN IF NOT EXISTS bench_shipment_id BIGINT COMMENT 'shipment in which that package stands since';
CREATE INDEX IF NOT EXISTS voided_shipment_bench ON voided_shipment (bench_shipment_id);
