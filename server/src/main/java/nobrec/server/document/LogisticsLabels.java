package nobrec.server.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.identifier.Sscc;
import nobrec.core.item.LotShare;
import nobrec.core.notation.MeasureText;
import nobrec.core.partner.ElementString;
import nobrec.core.partner.LogisticsLabel;
import nobrec.core.partner.PartnerProfile;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.document.LogisticsLabelText.Field;
import nobrec.server.partner.PackageNumbers;
import nobrec.server.partner.Partner;
import nobrec.server.partner.Partners;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** Logistics labels, for the customers that demand them: one a package, with a number that no other package has. */
@Component
class LogisticsLabels {

    /** Digits of one symbol whose bars are half a millimeter wide on a label of four inches. */
    private static final int LETTERS_OF_SYMBOL = 24;

    /** So many lines have room where one symbol stands above the package's number. */
    private static final int CONTENT_ROWS = 3;

    private final Partners partners;
    private final PackageNumbers numbers;
    private final LabelPrinter printer;
    private final LabelSheets sheets;
    private final Sites sites;
    private final NobrecSettings settings;

    LogisticsLabels(
            Partners partners,
            PackageNumbers numbers,
            LabelPrinter printer,
            LabelSheets sheets,
            Sites sites,
            NobrecSettings settings) {
        this.partners = partners;
        this.numbers = numbers;
        this.printer = printer;
        this.sheets = sheets;
        this.sites = sites;
        this.settings = settings;
    }

    /** None where the customer demands none. */
    List<DrawnPaper> of(Shipment shipment, Jobs jobs, Service service) {
        Optional<PartnerProfile> demands =
                partners.of(jobs.leading().customer()).map(Partner::profile).filter(PartnerProfile::label);
        Optional<CompanyPrefix> prefix = partners.numbers().companyPrefix();
        if (demands.isEmpty() || prefix.isEmpty()) {
            return List.of();
        }
        Map<String, Sscc> given = numbers.of(shipment.packages().stream()
                .map(each -> each.trackingNumber().orElseThrow())
                .toList());
        return shipment.packages().stream()
                .map(packed -> {
                    LogisticsLabel label = LogisticsLabel.of(
                            demands.get(),
                            prefix.get(),
                            Objects.requireNonNull(
                                    given.get(packed.trackingNumber().orElseThrow())),
                            shipment,
                            jobs.leading());
                    return new DrawnPaper(
                            PaperKind.LOGISTICS_LABEL,
                            packed.number(),
                            "Logistics label " + packed.number() + " of "
                                    + shipment.packages().size(),
                            printer.print(text(shipment, packed, jobs, service, label), sheets.current()));
                })
                .toList();
    }

    private LogisticsLabelText text(
            Shipment shipment, Shipment.Package packed, Jobs jobs, Service service, LogisticsLabel label) {
        WorkOrder job = jobs.leading();
        Site site = sites.byId(shipment.siteId());
        List<List<ElementString>> symbols = label.symbols(LETTERS_OF_SYMBOL);
        List<Field> fields = new ArrayList<>(List.of(
                new Field("ORDER NUMBER", purchaseOrders(jobs), false),
                new Field("WORK ORDER", jobs.numbers(), false)));
        List<String> contents = content(packed, jobs, symbols.size() > 2 ? 1 : CONTENT_ROWS);
        for (int row = 0; row < contents.size(); row++) {
            fields.add(new Field(row == 0 ? "CONTENT" : "", contents.get(row), true));
        }
        fields.add(new Field("CARRIER", service.carrier().name() + ", " + service.name(), false));
        fields.add(new Field(
                "GROSS WEIGHT, PACKAGE",
                packed.weight()
                                .or(packed::expectedWeight)
                                .map(weight -> MeasureText.show(weight, settings.units()))
                                .orElse("-")
                        + " · " + packed.number() + " of "
                        + shipment.packages().size(),
                false));
        String lots = packed.contents().stream()
                .flatMap(each -> each.lots().stream())
                .map(LotShare::lot)
                .distinct()
                .collect(Collectors.joining(", "));
        fields.add(new Field("BATCH/LOT", lots.isEmpty() ? "-" : lots, true));
        return new LogisticsLabelText(
                LabelAddress.lines(site.address(), job.shipTo().country()),
                LabelAddress.receiver(job, site),
                fields,
                symbols);
    }

    private static String purchaseOrders(Jobs jobs) {
        String all = jobs.all().stream()
                .map(WorkOrder::customerPo)
                .filter(po -> !po.isEmpty())
                .distinct()
                .collect(Collectors.joining(", "));
        return all.isEmpty() ? "-" : all;
    }

    /** Its lines as far as there is room; else how many there are. */
    private static List<String> content(Shipment.Package packed, Jobs jobs, int rows) {
        if (packed.contents().size() > rows) {
            return List.of(packed.pieces() + " pieces of " + packed.contents().size() + " lines");
        }
        return packed.contents().stream()
                .map(each -> {
                    WorkOrder.Line line = jobs.line(each.workOrderLineId());
                    return each.quantity() + " × " + line.name()
                            + (line.item().isEmpty() ? "" : " " + line.description());
                })
                .toList();
    }
}
