package nobrec.core.measure;

/** The units a shop writes its measures in. What is typed with another unit is understood all the same. */
public enum UnitSystem {
    POUND_INCH(WeightUnit.POUND, LengthUnit.INCH),
    KILOGRAM_CENTIMETER(WeightUnit.KILOGRAM, LengthUnit.CENTIMETER);

    private final WeightUnit weightUnit;
    private final LengthUnit lengthUnit;
    private final Weight oneWeight;
    private final Length oneLength;

    UnitSystem(WeightUnit weightUnit, LengthUnit lengthUnit) {
        this.weightUnit = weightUnit;
        this.lengthUnit = lengthUnit;
        this.oneWeight = new Weight(weightUnit.eighthNanograms());
        this.oneLength = new Length(lengthUnit.nanometers());
    }

    public WeightUnit weightUnit() {
        return weightUnit;
    }

    public LengthUnit lengthUnit() {
        return lengthUnit;
    }

    /** One unit of weight. */
    public Weight oneWeight() {
        return oneWeight;
    }

    /** One unit of length. */
    public Length oneLength() {
        return oneLength;
    }
}
