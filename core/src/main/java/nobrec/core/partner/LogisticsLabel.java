package nobrec.core.partner;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.identifier.Sscc;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;

/**
 * What a logistics label says in bars.
 *
 * @param besides what the profile asks for, above the package's number
 */
public record LogisticsLabel(Sscc sscc, List<ElementString> besides) {

    public static LogisticsLabel of(
            PartnerProfile profile, CompanyPrefix prefix, Sscc sscc, Shipment shipment, WorkOrder job) {
        return new LogisticsLabel(
                sscc,
                Stream.of(LabelElement.values())
                        .filter(profile.elements()::contains)
                        .map(element -> element.of(profile, prefix, shipment, job))
                        .flatMap(Optional::stream)
                        .toList());
    }

    public ElementString number() {
        return new ElementString(ElementString.SSCC, "SSCC", sscc.digits());
    }

    /**
     * Its symbols from top to bottom: the package's number in one of its own, the others together as far as one symbol may hold.
     *
     * @param mostLetters of one symbol
     */
    public List<List<ElementString>> symbols(int mostLetters) {
        List<List<ElementString>> symbols = new ArrayList<>();
        List<ElementString> current = new ArrayList<>();
        int letters = 0;
        for (ElementString each : besides) {
            int length = each.identifier().length() + each.data().length() + 1;
            if (!current.isEmpty() && letters + length > mostLetters) {
                symbols.add(List.copyOf(current));
                current.clear();
                letters = 0;
            }
            current.add(each);
            letters += length;
        }
        if (!current.isEmpty()) {
            symbols.add(List.copyOf(current));
        }
        symbols.add(List.of(number()));
        return symbols;
    }
}
