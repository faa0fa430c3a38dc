package nobrec.server.device.hidreport;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;

/**
 * One report of a scale: six bytes, 3, status, unit, power of ten, weight low byte, weight high byte. Source: USB-IF HID
 * Point of Sale usage tables (from memory).
 */
record ScaleReport(Status status, Weight weight) {

    static final int LENGTH = 6;

    private static final int REPORT_ID = 3;
    private static final Map<Integer, WeightUnit> UNITS =
            Map.of(2, WeightUnit.GRAM, 3, WeightUnit.KILOGRAM, 11, WeightUnit.OUNCE, 12, WeightUnit.POUND);

    /** What the scale says of itself, by its code from 1 on. */
    enum Status {
        FAULT,
        STABLE_AT_ZERO,
        IN_MOTION,
        STABLE,
        UNDER_ZERO,
        OVER_LIMIT,
        NEEDS_CALIBRATION,
        NEEDS_ZEROING
    }

    /** Empty when the bytes are no report of a scale. */
    static Optional<ScaleReport> of(byte[] bytes) {
        int status = Byte.toUnsignedInt(bytes[1]);
        WeightUnit unit = UNITS.get(Byte.toUnsignedInt(bytes[2]));
        int power = bytes[3];
        if (bytes[0] != REPORT_ID || status < 1 || status > Status.values().length || unit == null) {
            return Optional.empty();
        }
        if (power < -3 || power > 3) {
            return Optional.empty();
        }
        int figure = Byte.toUnsignedInt(bytes[4]) | Byte.toUnsignedInt(bytes[5]) << 8;
        return Optional.of(new ScaleReport(
                Status.values()[status - 1],
                Weight.of(BigDecimal.valueOf(figure).scaleByPowerOfTen(power), unit)));
    }
}
