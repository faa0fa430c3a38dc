package nobrec.core.rating;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.core.item.FreightClass;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.service.Accessorial;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.service.ShipmentToRate.GoodsOfClass;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import org.junit.jupiter.api.Test;

/** The shipments that docs/rate-sheets.md prices by hand, from nothing but its own words: the code agrees with the document. */
class PricesByDocumentTest {

    private static final Path DOCUMENT = Path.of("../docs/rate-sheets.md");
    private static final Pattern BLOCK = Pattern.compile("```\\n(.*?)```", Pattern.DOTALL);
    private static final Pattern ROW = Pattern.compile("\\| (\\d+) \\|.*\\| ([0-9.]+) \\|");

    private static PackageToRate parcel(int number, String pounds, String size) {
        return DemoRates.parcel(number, pounds, size);
    }

    private static PackageToRate with(PackageToRate each, long declaredCents, List<GoodsOfClass> goods) {
        return new PackageToRate(
                each.number(), each.weight(), true, each.size(), each.kind(), each.supply(), declaredCents, goods);
    }

    private static List<ShipmentToRate> shipments() {
        GoodsOfClass class125 = new GoodsOfClass(FreightClass.read("125"), DemoRates.pounds("400"));
        return List.of(
                DemoRates.shipment(DemoRates.zone(2), Set.of(), parcel(1, "0.4", "6x4x2")),
                DemoRates.shipment(DemoRates.zone(5), Set.of(), parcel(1, "4.2", "12x12x12")),
                DemoRates.shipment(DemoRates.zone(5), Set.of(), parcel(1, "4.2", "12.2x12x12")),
                DemoRates.shipment(DemoRates.residenceInZone(2), Set.of(), parcel(1, "6", "10x8x6")),
                DemoRates.shipment(DemoRates.zone(2), Set.of(), parcel(1, "52", "50x10x10")),
                DemoRates.shipment(DemoRates.zone(5), Set.of(), parcel(1, "50", "48x10x10")),
                DemoRates.shipment(DemoRates.zone(2), Set.of(), parcel(1, "20", "97x4x4")),
                DemoRates.shipment(
                        DemoRates.residenceInZone(5),
                        Set.of(Accessorial.SIGNATURE),
                        parcel(1, "4.2", "6x6x6"),
                        parcel(2, "6", "6x6x6")),
                DemoRates.shipment(DemoRates.zone(2), Set.of(), with(parcel(1, "3", "8x8x8"), 25_000, List.of())),
                DemoRates.shipment(DemoRates.zone(5), Set.of(Accessorial.LIFTGATE), parcel(1, "950", "48x40x45.5")),
                DemoRates.shipment(
                        DemoRates.zone(5), Set.of(), with(parcel(1, "400.2", "48x40x40"), 0, List.of(class125))));
    }

    @Test
    void everyShipmentOfTheDocumentCostsWhatItSays() throws IOException {
        String document = Files.readString(DOCUMENT);
        Matcher blocks = BLOCK.matcher(document);
        List<Tariff> sheets = new ArrayList<>();
        while (blocks.find()) {
            sheets.add(DemoRates.sheet(blocks.group(1)));
        }
        List<BigDecimal> totals = new ArrayList<>();
        Matcher rows = ROW.matcher(document);
        while (rows.find()) {
            totals.add(new BigDecimal(rows.group(2)));
        }
        List<ShipmentToRate> shipments = shipments();
        assertThat(totals).hasSameSizeAs(shipments);
        for (int index = 0; index < shipments.size(); index++) {
            Tariff sheet = sheets.get(index < 9 ? 0 : 1);
            Offer offer = DemoRates.offer(shipments.get(index), sheet, "16.5");
            assertThat(Optional.of(BigDecimal.valueOf(offer.totalCents(), 2)))
                    .as("shipment %s", index + 1)
                    .contains(totals.get(index));
        }
    }
}
