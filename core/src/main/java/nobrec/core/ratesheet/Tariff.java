package nobrec.core.ratesheet;

import java.time.LocalDate;
import org.joda.money.CurrencyUnit;

/** The prices of one service from a first day on. An old shipment costs what the one of its day says. */
public sealed interface Tariff permits RateSheet, FreightSheet {

    String serviceCode();

    LocalDate firstDay();

    CurrencyUnit currency();

    Zoning zoning();

    Surcharges surcharges();

    /** Code of the fuel index; empty text when there is no fuel surcharge. */
    String fuelIndex();
}
