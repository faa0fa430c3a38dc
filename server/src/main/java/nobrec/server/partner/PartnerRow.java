package nobrec.server.partner;

/** A row of table partner. */
record PartnerRow(String code, int version, String name, boolean active, String profile) {}
