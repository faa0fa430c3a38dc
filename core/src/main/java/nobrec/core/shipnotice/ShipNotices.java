package nobrec.core.shipnotice;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import nobrec.core.address.PostalAddress;
import nobrec.core.identifier.Sscc;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipnotice.ShipNotice.Content;
import nobrec.core.shipnotice.ShipNotice.Packed;
import nobrec.core.shipnotice.ShipNotice.Party;
import nobrec.core.workorder.WorkOrder;

/** Says what is in which package of a shipment. */
public final class ShipNotices {

    private static final int WEIGHT_PLACES = 3;
    private static final int SIDE_PLACES = 2;

    private ShipNotices() {}

    public static Party party(PostalAddress address, String locationNumber) {
        return new Party(
                address.name(),
                locationNumber,
                address.street(),
                address.street2(),
                address.city(),
                address.state(),
                address.postalCode(),
                address.country());
    }

    /** @param numbers of the packages, by the package's number in the shipment */
    public static List<Packed> packages(Shipment shipment, Jobs jobs, Map<Integer, Sscc> numbers, UnitSystem units) {
        return shipment.packages().stream()
                .map(each -> packed(each, jobs, Objects.requireNonNull(numbers.get(each.number())), units))
                .toList();
    }

    private static Packed packed(Shipment.Package each, Jobs jobs, Sscc number, UnitSystem units) {
        return new Packed(
                number.digits(),
                each.trackingNumber().orElseThrow(),
                !each.cartonsOnIt().isEmpty(),
                weight(each.weight().or(each::expectedWeight).orElse(Weight.ZERO), units),
                sides(each.size(), units),
                each.contents().stream().map(content -> content(content, jobs)).toList());
    }

    private static Content content(Shipment.Content content, Jobs jobs) {
        WorkOrder job = jobs.orderOf(content.workOrderLineId());
        WorkOrder.Line line = jobs.line(content.workOrderLineId());
        return new Content(
                job.number(),
                job.customerPo(),
                line.position(),
                line.item(),
                line.description(),
                content.quantity(),
                line.quantityOrdered(),
                line.quantityOpen(),
                content.lots(),
                line.goods().origin());
    }

    private static BigDecimal weight(Weight weight, UnitSystem units) {
        return weight.in(units == UnitSystem.POUND_INCH ? WeightUnit.POUND : WeightUnit.KILOGRAM, WEIGHT_PLACES);
    }

    private static List<BigDecimal> sides(Size size, UnitSystem units) {
        LengthUnit unit = units == UnitSystem.POUND_INCH ? LengthUnit.INCH : LengthUnit.CENTIMETER;
        return Stream.of(size.length(), size.width(), size.height())
                .map(side -> side.in(unit, SIDE_PLACES))
                .toList();
    }
}
