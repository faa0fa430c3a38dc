package nobrec.core.rating;

import nobrec.core.address.PlaceKind;
import nobrec.core.measure.Length;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.rating.ShipmentToRate.PackageToRate;

/** When a surcharge is asked for. */
public sealed interface SurchargeCondition {

    /** @param each the package; of a surcharge for the whole shipment any of its packages */
    boolean holds(PackageToRate each, ShipmentToRate shipment);

    /** Whether it holds for all packages of a shipment or for none. */
    default boolean isOfShipment() {
        return false;
    }

    /** Why it holds, as the beginning of a sentence. */
    String because(UnitSystem units);

    record Always() implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return true;
        }

        @Override
        public boolean isOfShipment() {
            return true;
        }

        @Override
        public String because(UnitSystem units) {
            return "For every shipment";
        }
    }

    record Residence() implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return shipment.destination().placeKind() == PlaceKind.RESIDENCE;
        }

        @Override
        public boolean isOfShipment() {
            return true;
        }

        @Override
        public String because(UnitSystem units) {
            return "The ship-to is a residence";
        }
    }

    record RemoteArea(PostalBeginnings beginnings) implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return !shipment.destination().isAbroad()
                    && beginnings.begin(shipment.destination().postalCode());
        }

        @Override
        public boolean isOfShipment() {
            return true;
        }

        @Override
        public String because(UnitSystem units) {
            return "The postal code lies in a remote area";
        }
    }

    record Abroad() implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return shipment.destination().isAbroad();
        }

        @Override
        public boolean isOfShipment() {
            return true;
        }

        @Override
        public String because(UnitSystem units) {
            return "It goes abroad";
        }
    }

    record WeightAbove(Weight limit) implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return each.weight().isPresent() && each.weight().get().isAbove(limit);
        }

        @Override
        public String because(UnitSystem units) {
            return "It weighs more than " + MeasureText.showPlain(limit, units);
        }
    }

    /** The sides a surcharge may look at. */
    enum Side {
        LONGEST("longest side"),
        SECOND("second longest side"),
        GIRTH("length plus girth");

        private final String words;

        Side(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }

        Length of(PackageToRate each) {
            return switch (this) {
                case LONGEST -> each.size().longest();
                case SECOND -> each.size().secondLongest();
                case GIRTH -> each.size().lengthPlusGirth();
            };
        }
    }

    record SideAbove(Side side, Length limit) implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return side.of(each).isAbove(limit);
        }

        @Override
        public String because(UnitSystem units) {
            return "Its " + side.words() + " is above " + MeasureText.show(limit, units);
        }
    }

    record NotABox() implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return !each.kind().isOrdinary();
        }

        @Override
        public String because(UnitSystem units) {
            return "It is not a box";
        }
    }

    record Wanted(Extra extra) implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return shipment.extras().contains(extra);
        }

        @Override
        public boolean isOfShipment() {
            return true;
        }

        @Override
        public String because(UnitSystem units) {
            return "Wanted: " + extra.words();
        }
    }

    record DeclaredAbove(long cents) implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return each.declaredCents() > cents;
        }

        @Override
        public String because(UnitSystem units) {
            return "The declared value is above " + ChargeLine.show(cents);
        }
    }

    record Goods(GoodsClass goods) implements SurchargeCondition {
        @Override
        public boolean holds(PackageToRate each, ShipmentToRate shipment) {
            return shipment.goods().contains(goods);
        }

        @Override
        public boolean isOfShipment() {
            return true;
        }

        @Override
        public String because(UnitSystem units) {
            return "It holds " + goods.words();
        }
    }
}
