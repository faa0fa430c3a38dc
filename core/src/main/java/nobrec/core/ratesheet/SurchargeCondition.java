package nobrec.core.ratesheet;

import nobrec.core.item.GoodsClass;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.CodeName;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Destination;
import nobrec.core.service.Figures;
import nobrec.core.service.PackageSide;
import nobrec.core.service.PostalBeginnings;

/** When a surcharge is asked for: where a figure of a package or of its shipment is above a limit. */
public sealed interface SurchargeCondition {

    /** Its name for programs, which stays as it is: {@code RESIDENCE}. */
    default String code() {
        return CodeName.of(getClass());
    }

    /** Its place among the {@link Figures}. */
    int figure();

    /** The largest figure for which it does not hold, in the unit of the figure. */
    default long limitFigure() {
        return 0;
    }

    /** What must hold besides. */
    default boolean alsoHolds(Destination destination) {
        return true;
    }

    /** Why it holds, as the beginning of a sentence. */
    String because(UnitSystem units);

    record Always() implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.ALWAYS;
        }

        @Override
        public String because(UnitSystem units) {
            return "For every shipment";
        }
    }

    record Residence() implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.RESIDENCE;
        }

        @Override
        public String because(UnitSystem units) {
            return "The ship-to is a residence";
        }
    }

    record RemoteArea(PostalBeginnings beginnings) implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.ALWAYS;
        }

        @Override
        public boolean alsoHolds(Destination destination) {
            return !destination.isAbroad() && beginnings.begin(destination.postalCode());
        }

        @Override
        public String because(UnitSystem units) {
            return "The postal code lies in a remote area";
        }
    }

    record Abroad() implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.ABROAD;
        }

        @Override
        public String because(UnitSystem units) {
            return "It goes abroad";
        }
    }

    record WeightAbove(Weight limit) implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.WEIGHT;
        }

        @Override
        public long limitFigure() {
            return limit.eighthNanograms();
        }

        @Override
        public String because(UnitSystem units) {
            return "It weighs more than " + MeasureText.showPlain(limit, units);
        }
    }

    record SideAbove(PackageSide side, Length limit) implements SurchargeCondition {
        @Override
        public int figure() {
            return side.figure();
        }

        @Override
        public long limitFigure() {
            return limit.nanometers();
        }

        @Override
        public String because(UnitSystem units) {
            return "Its " + side.words() + " is above " + MeasureText.show(limit, units);
        }
    }

    record NotABox() implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.NOT_A_BOX;
        }

        @Override
        public String because(UnitSystem units) {
            return "It is not a box";
        }
    }

    record Requested(Accessorial accessorial) implements SurchargeCondition {
        @Override
        public String code() {
            return accessorial.name();
        }

        @Override
        public int figure() {
            return Figures.requested(accessorial);
        }

        @Override
        public String because(UnitSystem units) {
            return "Requested: " + accessorial.words();
        }
    }

    record DeclaredAbove(long cents) implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.DECLARED;
        }

        @Override
        public long limitFigure() {
            return cents;
        }

        @Override
        public String because(UnitSystem units) {
            return "The declared value is above " + MoneyText.showCents(cents);
        }
    }

    record Goods(GoodsClass goods) implements SurchargeCondition {
        @Override
        public int figure() {
            return Figures.goods(goods);
        }

        @Override
        public String because(UnitSystem units) {
            return "It holds " + goods.words();
        }
    }
}
