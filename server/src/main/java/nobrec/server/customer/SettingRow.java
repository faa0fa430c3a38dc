package nobrec.server.customer;

/** A row of table customer_setting. */
record SettingRow(int version, String definition) {}
