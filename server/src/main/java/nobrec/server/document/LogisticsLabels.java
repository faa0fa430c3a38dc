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
        List<Field> fields = new ArrayList<>(List.of(
                new Field("ORDER NUMBER", purchaseOrders(jobs), false),
                new Field("WORK ORDER", jobs.numbers(), false),
                new Field("CONTENT", content(packed, jobs), true),
                new Field("CARRIER", service.carrier().name() + ", " + service.name(), false),
                new Field(
                        "GROSS WEIGHT, PACKAGE",
                        packed.weight()
                                        .or(packed::expectedWeight)
                                        .map(weight -> MeasureText.show(weight, settings.units()))
                                        .orElse("-")
                                + " · " + packed.number() + " of "
                                + shipment.packages().size(),
                        false)));
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
                label.symbols(LETTERS_OF_SYMBOL));
    }

    private static String purchaseOrders(Jobs jobs) {
        String all = jobs.all().stream()
                .map(WorkOrder::customerPo)
                .filter(po -> !po.isEmpty())
                .distinct()
                .collect(Collectors.joining(", "));
        return all.isEmpty() ? "-" : all;
    }

    /** One item by its name; of several how many. */
    private static String content(Shipment.Package packed, Jobs jobs) {
        if (packed.contents().size() == 1) {
            WorkOrder.Line line = jobs.line(packed.contents().get(0).workOrderLineId());
            return packed.pieces() + " × " + line.name() + (line.item().isEmpty() ? "" : " " + line.description());
        }
        return packed.pieces() + " pieces of " + packed.contents().size() + " lines";
    }
}
