-- A database such as a shop keeps its orders in. It stands beside ours; Nobrec may read one view of it, and write four columns.
CREATE TABLE IF NOT EXISTS shop_order (
    job_no   VARCHAR(20) PRIMARY KEY,
    state    VARCHAR(20) NOT NULL,
    updated  DATETIME    NOT NULL,
    customer VARCHAR(60) NOT NULL,
    po       VARCHAR(30),
    street   VARCHAR(60) NOT NULL,
    city     VARCHAR(40) NOT NULL,
    region   CHAR(2)     NOT NULL,
    zip      CHAR(5)     NOT NULL,
    phone    VARCHAR(20),
    promised DATE,
    via      VARCHAR(30)
);
CREATE TABLE IF NOT EXISTS shop_order_line (
    job_no VARCHAR(20) NOT NULL,
    pos    INT         NOT NULL,
    part   VARCHAR(20) NOT NULL,
    title  VARCHAR(60) NOT NULL,
    qty    INT         NOT NULL,
    each_lb DECIMAL(8, 3),
    each_usd DECIMAL(10, 2),
    PRIMARY KEY (job_no, pos)
);
ALTER TABLE shop_order
    ADD COLUMN IF NOT EXISTS left_by VARCHAR(60),
    ADD COLUMN IF NOT EXISTS parcels VARCHAR(400),
    ADD COLUMN IF NOT EXISTS freight DECIMAL(10, 2);
INSERT IGNORE INTO shop_order (job_no, state, updated, customer, po, street, city, region, zip, phone, promised, via) VALUES
  ('D-5001', 'released', '2026-12-01 14:02:00', 'Ferrow Hydraulics', 'FH-811', '310 Kiln Road', 'Madison', 'WI', '53703', '(608) 555-0171', '2026-12-07', 'Plover Ground'),
  ('D-5002', 'released', '2026-12-01 15:20:00', 'Linden Valve Works', NULL, '18 Tannery Street', 'Dubuque', 'IA', '52001', NULL, '2026-12-04', NULL),
  ('D-5003', 'planned', '2026-12-01 09:45:00', 'Ferrow Hydraulics', 'FH-812', '310 Kiln Road', 'Madison', 'WI', '53703', '(608) 555-0171', NULL, NULL),
  ('D-5004', 'released', '2026-11-30 16:10:00', 'Osterly Pumps', '44-90', '2 Mill Race', 'Rockford', 'IL', '61101', '(815) 555-0188', '2026-12-08', 'Godwit Parcel');
INSERT IGNORE INTO shop_order_line VALUES
  ('D-5001', 1, 'SK-2', 'Seal kit, 2 in bore', 4, 0.300, 18.50),
  ('D-5001', 2, 'BU-050', 'Bronze bushing 1/2 in', 10, 0.150, 6.20),
  ('D-5002', 1, 'PN-150', 'Pin 1.5 x 8 in, hardened', 6, 3.900, 41.00),
  ('D-5003', 1, 'WR-40', 'Rod wiper 4 in', 2, NULL, 12.75),
  ('D-5004', 1, 'SK-4', 'Seal kit, 4 in bore', 3, 0.600, 33.10);
CREATE OR REPLACE SQL SECURITY DEFINER VIEW order_lines AS
  SELECT o.job_no, o.state, o.updated, o.customer, o.po, o.street, o.city, o.region, o.zip, o.phone, o.promised, o.via,
         l.pos, l.part, l.title, l.qty, l.each_lb, l.each_usd
  FROM shop_order o JOIN shop_order_line l ON l.job_no = o.job_no;
