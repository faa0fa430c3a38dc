package nobrec.core.shipment;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.notation.CodeName;
import nobrec.core.ratesheet.SurchargeCondition;
import nobrec.core.service.Accessorial;

/** What a driver must heed: how a package is handled, and what is paid for at the door. */
public final class LabelMarks {

    private static final List<Accessorial> AT_THE_DOOR = List.of(Accessorial.SIGNATURE, Accessorial.ADULT_SIGNATURE);

    /** As charge lines call a surcharge for residences. */
    private static final String RESIDENCE = CodeName.of(SurchargeCondition.Residence.class);

    private LabelMarks() {}

    /** @param charged codes of the charge lines with which the shipment went */
    public static List<String> of(Shipment.Package packed, Jobs jobs, Collection<String> charged) {
        Set<String> marks = new LinkedHashSet<>();
        packed.contents()
                .forEach(content -> marks.addAll(
                        jobs.line(content.workOrderLineId()).handling().words()));
        AT_THE_DOOR.stream()
                .filter(each -> charged.contains(each.name()))
                .map(Accessorial::words)
                .forEach(marks::add);
        if (charged.contains(RESIDENCE)) {
            marks.add(PlaceKind.RESIDENCE.words());
        }
        return List.copyOf(marks);
    }
}
