package nobrec.server.tracking;

/**
 * A row of table on_time.
 *
 * @param area country and the first digits of the postal code; empty text for everywhere
 */
record OnTimeRow(String serviceCode, long siteId, String area, int onTime, int aDayLate, int later) {}
