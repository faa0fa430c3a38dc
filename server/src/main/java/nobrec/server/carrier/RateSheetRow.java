package nobrec.server.carrier;

import java.time.LocalDate;

/** A row of table rate_sheet without its document. */
record RateSheetRow(long id, String serviceCode, LocalDate firstDay) {}
