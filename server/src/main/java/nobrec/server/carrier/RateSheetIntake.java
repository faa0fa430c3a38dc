package nobrec.server.carrier;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.ratesheet.FreightSheet;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.ratesheet.file.SheetReading;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Service;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.csv.CsvTable;
import nobrec.server.platform.csv.UploadedFile;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.shipment.Shipments;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.transaction.annotation.Transactional;

/** Takes rate sheets in: whole, for a service of ours, and never in place of one that shipments already went by. */
@org.springframework.stereotype.Service
public class RateSheetIntake {

    private final ShopMoney money;
    private final ServiceCatalog catalog;
    private final RateSheetMapper mapper;
    private final SetUpVersion version;
    private final Clock clock;
    private final Shipments shipments;

    RateSheetIntake(
            ServiceCatalog catalog,
            RateSheetMapper mapper,
            Shipments shipments,
            SetUpVersion version,
            Clock clock,
            ShopMoney money) {
        this.money = money;
        this.shipments = shipments;
        this.catalog = catalog;
        this.mapper = mapper;
        this.version = version;
        this.clock = clock;
    }

    /**
     * Reads a rate sheet in.
     *
     * @throws Refusal when it cannot be used, or does not go with what is here
     */
    @Transactional
    public SheetReading add(UploadedFile file) {
        CsvTable table = RateSheetFile.table(file);
        SheetReading reading = RateSheetFile.readOrRefuse(file.name(), table);
        Tariff tariff = reading.tariff().orElseThrow();
        String thing = "Rate sheet “" + file.name() + "”";
        goesWithService(thing, tariff);
        goesWithFuel(thing, tariff);
        comesAfterShipments(thing, tariff);
        try {
            mapper.insert(tariff.serviceCode(), tariff.firstDay(), table.text(), clock.instant());
        } catch (DuplicateKeyException taken) {
            throw Refusal.conflict(
                    thing,
                    "There is a sheet of " + tariff.serviceCode() + " from " + tariff.firstDay() + " on already.",
                    "A sheet is never changed, so that old shipments keep their price: give the new one a later first day.");
        }
        version.changed();
        return reading;
    }

    private void goesWithService(String thing, Tariff tariff) {
        Service service = catalog.services().stream()
                .filter(each -> each.code().equals(tariff.serviceCode()))
                .findFirst()
                .orElseThrow(() -> Refusal.unusable(
                        thing,
                        "Row 1: there is no service “" + tariff.serviceCode() + "”.",
                        "Write the code of one of the services on Rates."));
        if (service.isFreight() != tariff instanceof FreightSheet) {
            throw Refusal.unusable(
                    thing,
                    "Row 1: " + service.name()
                            + (service.isFreight()
                                    ? " is freight, and this is a sheet for parcels."
                                    : " takes parcels, and this is a freight sheet."),
                    "Look whether service and sheet are the ones you mean.");
        }
        if (!tariff.currency().equals(money.currency())) {
            throw Refusal.unusable(
                    thing,
                    "It is in " + tariff.currency() + "; offers are compared in " + money.currency() + ".",
                    "Ask the carrier for a sheet in " + money.currency() + ".");
        }
    }

    private void goesWithFuel(String thing, Tariff tariff) {
        String index = tariff.fuelIndex();
        boolean known = index.isEmpty()
                || catalog.fuelIndex(index)
                        .filter(each -> each.isKnownOn(tariff.firstDay()))
                        .isPresent();
        if (!known) {
            throw Refusal.unusable(
                    thing,
                    "It names the fuel index “" + index + "”, which has no figure for " + tariff.firstDay() + ".",
                    "Known are: " + String.join(", ", catalog.fuelIndexes()) + ".");
        }
    }

    private void comesAfterShipments(String thing, Tariff tariff) {
        Optional<LocalDate> last = shipments.lastShipDate(tariff.serviceCode());
        if (last.isPresent() && !tariff.firstDay().isAfter(last.get())) {
            throw Refusal.conflict(
                    thing,
                    "Shipments left by " + tariff.serviceCode() + " up to " + last.get()
                            + " and went by the sheet before it.",
                    "Give it a first day after that.");
        }
    }
}
