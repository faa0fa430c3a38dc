package nobrec.core.ratesheet;

/**
 * An amount a sheet asks for besides the base rate.
 *
 * @param code short code on the sheet
 * @param group of the surcharges in one group only the largest is asked for; empty text for none
 * @param fuelled whether fuel is calculated on it as well
 */
public record Surcharge(
        String code,
        String title,
        SurchargeCondition condition,
        SurchargeAmount amount,
        Scope scope,
        String group,
        boolean fuelled) {

    /** What it is asked for. */
    public enum Scope {
        PACKAGE,
        SHIPMENT
    }
}
