package nobrec.server.carrier;

import java.time.LocalDate;

/**
 * A row of table fuel_index.
 *
 * @param thousandths of a percent
 */
public record FuelRow(String code, LocalDate firstDay, int thousandths) {}
