package nobrec.core.ratesheet.file;

/** The words that begin the rows of a rate sheet's file; docs/rate-sheets.md describes them for people. */
final class SheetWords {

    static final String PARCEL = "rate sheet";
    static final String FREIGHT = "freight sheet";
    static final String FIRST_DAY = "first day";
    static final String CURRENCY = "currency";
    static final String UNITS = "units";
    static final String WEIGHT_STEP = "weight step";
    static final String SIZE_STEP = "size step";
    static final String DIVISOR = "divisor";
    static final String MINIMUM = "minimum";
    static final String MAXIMUM = "maximum weight";
    static final String DISCOUNT = "discount";
    static final String MINIMUM_BILLABLE = "minimum billable";
    static final String FUEL = "fuel";
    static final String ZONES_BY = "zones by";
    static final String ZONE_OF = "zone of";
    static final String COUNTRIES = "countries";
    static final String POSTAL_CODES = "postal codes";
    static final String SURCHARGE = "surcharge";
    static final String REMOTE = "remote area";
    static final String ZONES = "zones";
    static final String UP_TO = "up to";
    static final String ABOVE = "above";
    static final String FROM = "from";
    static final String RATE = "rate";
    static final String DISTANCE = "distance";
    static final String TABLE = "table";

    private SheetWords() {}
}
