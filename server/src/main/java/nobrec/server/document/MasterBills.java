package nobrec.server.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.address.PlaceKey;
import nobrec.core.freight.BillLines;
import nobrec.core.notation.DayWords;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.site.Site;
import org.springframework.stereotype.Component;

/** The master bill of lading over the shipments of one truck, with their stops. It is not kept: what it lists does not change. */
@Component
public class MasterBills {

    /** A shipment that goes by freight, with its work orders. */
    public record Gone(Shipment shipment, Jobs jobs) {}

    private final BillsOfLading bills;
    private final BillPrinter printer;

    MasterBills(BillsOfLading bills, BillPrinter printer) {
        this.bills = bills;
        this.printer = printer;
    }

    /**
     * @param number ours, of what the truck takes
     * @param gone in their order
     */
    public byte[] print(String number, String carrier, String driver, Site site, List<Gone> gone) {
        List<BillLines> lines = gone.stream()
                .map(each -> bills.linesOf(each.shipment(), each.jobs()))
                .toList();
        BillLines all = BillLines.together(lines);
        return printer.printMaster(new MasterBillText(
                number,
                carrier,
                DayWords.withYear(gone.get(0).shipment().outcome().orElseThrow().shipDate()),
                LabelAddress.lines(site.address(), site.country()),
                LabelAddress.phone(site.phone(), site.country(), site),
                driver,
                all.lines().stream().map(BillsOfLading::line).toList(),
                all.packages(),
                BillsOfLading.pounds(all.pounds()),
                all.lines().stream().anyMatch(BillLines.Line::hazardous),
                listed(site, gone, lines)));
    }

    /** Shipments to the same place share a stop. */
    private static List<MasterBillText.Bill> listed(Site site, List<Gone> gone, List<BillLines> lines) {
        Map<String, Integer> stops = new LinkedHashMap<>();
        List<MasterBillText.Bill> listed = new ArrayList<>();
        for (int index = 0; index < gone.size(); index++) {
            Shipment shipment = gone.get(index).shipment();
            Jobs jobs = gone.get(index).jobs();
            String place = PlaceKey.of(jobs.leading().shipTo());
            stops.putIfAbsent(place, stops.size() + 1);
            listed.add(new MasterBillText.Bill(
                    stops.getOrDefault(place, 0),
                    BillsOfLading.numberOf(shipment),
                    shipment.packages().get(0).trackingNumber().orElse(""),
                    LabelAddress.lines(jobs.leading().shipToOnPapers(), site.country()),
                    BillsOfLading.terms(jobs.leading().terms()),
                    lines.get(index).packages(),
                    BillsOfLading.pounds(lines.get(index).pounds()),
                    jobs.numbers()));
        }
        return listed;
    }
}
