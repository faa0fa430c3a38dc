-- What a charge line is asked for, for programs; empty for lines of before.

ALTER TABLE shipment_charge_line
    ADD COLUMN IF NOT EXISTS code VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '' AFTER package_number;
