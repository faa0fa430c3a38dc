-- A carton on a pallet by its type, so that its cost and its weight can be counted.
ALTER TABLE package_placement
    ADD COLUMN carton_code VARCHAR(20) NOT NULL DEFAULT '' COMMENT 'type of a carton on a pallet; empty text for a piece',
    CHANGE COLUMN carton inside VARCHAR(200) NOT NULL COMMENT 'what is in a carton on a pallet; empty text for a piece';

UPDATE package_placement
SET carton_code = SUBSTRING_INDEX(inside, ': ', 1),
    inside = SUBSTRING(inside, LOCATE(': ', inside) + 2)
WHERE inside <> '';
