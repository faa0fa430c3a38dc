package nobrec.core.rating;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The charges of an offer: the sum of the shipment, that of each package, and the lines themselves.
 *
 * @param title what it is the sum of
 * @param cents sum of lines and parts, to the cent
 * @param lines what is charged for this and not for a part of it
 * @param parts the packages
 */
public record ChargeTree(String title, long cents, List<ChargeLine> lines, List<ChargeTree> parts) {

    static ChargeTree of(Offer offer) {
        Map<Integer, List<ChargeLine>> byPackage = new LinkedHashMap<>();
        List<ChargeLine> whole = new ArrayList<>();
        for (ChargeLine line : offer.chargeLines()) {
            (line.packageNumber() == ChargeLine.SHIPMENT
                            ? whole
                            : byPackage.computeIfAbsent(line.packageNumber(), number -> new ArrayList<>()))
                    .add(line);
        }
        List<ChargeTree> parts = byPackage.entrySet().stream()
                .map(each -> new ChargeTree(
                        "Package " + each.getKey(), sum(each.getValue()), List.copyOf(each.getValue()), List.of()))
                .toList();
        long cents = sum(whole) + parts.stream().mapToLong(ChargeTree::cents).sum();
        return new ChargeTree("Shipment", cents, List.copyOf(whole), parts);
    }

    private static long sum(List<ChargeLine> lines) {
        return lines.stream().mapToLong(ChargeLine::cents).sum();
    }
}
