package nobrec.server.carrier;

import java.util.Map;
import java.util.TreeMap;
import nobrec.core.service.Carrier;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.Shortened;

/** The numbers a carrier gave, by package number, looked at before they are believed. */
public record TrackingNumbers(Map<Integer, String> byPackage) {

    private static final int LONGEST_SHOWN = 40;

    /** What an adapter read in an answer, as it came. */
    public record Read(int packageNumber, String trackingNumber) {}

    /** Not known when one cannot be right, or two packages have the same. */
    static OutsideAnswer<TrackingNumbers> checked(Carrier carrier, Iterable<Read> all) {
        Map<Integer, String> numbers = new TreeMap<>();
        for (Read each : all) {
            String number = each.trackingNumber();
            if (!carrier.trackingForm().accepts(number)) {
                return new OutsideAnswer.Unknown<>(
                        carrier.name() + " answered with a tracking number that cannot be right: “"
                                + Shortened.to(LONGEST_SHOWN, number) + "”.");
            }
            if (numbers.containsValue(number) || numbers.put(each.packageNumber(), number) != null) {
                return new OutsideAnswer.Unknown<>(carrier.name() + " gave two packages the same number.");
            }
        }
        return new OutsideAnswer.Accepted<>(new TrackingNumbers(numbers));
    }
}
