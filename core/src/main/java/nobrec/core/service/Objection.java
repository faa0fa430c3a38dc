package nobrec.core.service;

import java.time.LocalDate;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.Countries;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.CodeName;
import nobrec.core.notation.MeasureText;

/** Why a service may not carry a shipment. */
public sealed interface Objection {

    /** One sentence for people. */
    String sentence(UnitSystem units);

    /** The same in a few words that say what would change it: {@code pallets only}, {@code up to 70 lb}. */
    String brief(UnitSystem units);

    /** Its name for programs, which stays as it is: {@code TOO_HEAVY}. */
    default String code() {
        return CodeName.of(getClass());
    }

    /** Whether only a datum is missing, so that the service will do once it is there. */
    default boolean isMissingData() {
        return false;
    }

    /** Whether only our rate sheet is at fault, so that it does not count where the carrier says its price itself. */
    default boolean isOfSheet() {
        return this instanceof NoRateSheet
                || this instanceof RateSheetUnusable
                || this instanceof OtherCurrency
                || this instanceof ZoneNotServed
                || this instanceof FuelUnknown
                || this instanceof NotComputed;
    }

    /** The carrier prices it itself and has said no price. */
    record NoQuote(String carrier, String reason) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no price from the carrier";
        }

        @Override
        public String sentence(UnitSystem units) {
            return carrier + " prices it itself: " + reason;
        }
    }

    record TooHeavy(int packageNumber, Weight weight, Weight limit) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "up to " + MeasureText.showPlain(limit, units) + " a package";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " of " + MeasureText.show(weight, units) + " is above the limit of "
                    + MeasureText.showPlain(limit, units) + ".";
        }
    }

    record TooLong(int packageNumber, Length length, Length limit) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "up to " + MeasureText.show(limit, units) + " long";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " is " + MeasureText.show(length, units) + " long; the limit is "
                    + MeasureText.show(limit, units) + ".";
        }
    }

    record TooBulky(int packageNumber, Length lengthPlusGirth, Length limit) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "length plus girth up to " + MeasureText.show(limit, units);
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " has a length plus girth of "
                    + MeasureText.show(lengthPlusGirth, units) + "; the limit is " + MeasureText.show(limit, units)
                    + ".";
        }
    }

    record PlaceNotServed(PlaceKind kind) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "not to a " + kind.words();
        }

        @Override
        public String sentence(UnitSystem units) {
            return "It does not deliver to a " + kind.words() + ".";
        }
    }

    record NoWeight(int packageNumber) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "weigh package " + packageNumber;
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " has no weight yet: weigh it or type its weight.";
        }
    }

    record CountryNotServed(String country) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "not to " + Countries.nameOf(country);
        }

        @Override
        public String sentence(UnitSystem units) {
            return "It does not go to " + Countries.nameOf(country) + ".";
        }
    }

    record ZoneNotServed(String postalCode) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no zone for " + postalCode;
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Its rate sheet has no zone for postal code " + postalCode + ".";
        }
    }

    /** @param accepted kinds that it takes */
    record KindNotAccepted(int packageNumber, CartonKind kind, Set<CartonKind> accepted) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return accepted.stream().sorted().map(each -> each.words() + "s").collect(Collectors.joining(" or "))
                    + " only";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "It takes no " + kind.words() + "s, and package " + packageNumber + " is one.";
        }
    }

    record SupplyNotAccepted(int packageNumber, String carrierCode) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "not in a carton of " + carrierCode;
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " is in a carton that " + carrierCode
                    + " supplies for other services of its own.";
        }
    }

    record GoodsExcluded(GoodsClass goods) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no " + goods.words();
        }

        @Override
        public String sentence(UnitSystem units) {
            return "It is not open to " + goods.words() + ".";
        }
    }

    record AccessorialNotOffered(Accessorial accessorial) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no " + accessorial.words();
        }

        @Override
        public String sentence(UnitSystem units) {
            return "It does not offer " + accessorial.words() + ", which is requested.";
        }
    }

    record PhoneMissing() implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "needs phone";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "It needs the receiver's phone number.";
        }

        @Override
        public boolean isMissingData() {
            return true;
        }
    }

    record CompanyMissing() implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "needs company name";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "It needs the name of a company in the ship-to.";
        }

        @Override
        public boolean isMissingData() {
            return true;
        }
    }

    record CustomsDataMissing(String what) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "needs customs data";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Customs want to know: " + what + ".";
        }

        @Override
        public boolean isMissingData() {
            return true;
        }
    }

    record OtherCurrency(String currency, String ours) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "prices in " + currency;
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Its rate sheet is in " + currency + "; only offers in " + ours + " can be compared here.";
        }
    }

    record TooHeavyAltogether(Weight weight, Weight limit) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "up to " + MeasureText.showPlain(limit, units) + " in all";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "The shipment of " + MeasureText.showPlain(weight, units)
                    + " is above the rate sheet's last weight of " + MeasureText.showPlain(limit, units) + ".";
        }
    }

    record ClassNotOnSheet(FreightClass freightClass, String zone) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no rate for class " + freightClass;
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Its rate sheet has no rate for class " + freightClass + " in zone " + zone + ".";
        }
    }

    record NoPickup(String carrier) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no pickup here";
        }

        @Override
        public String sentence(UnitSystem units) {
            return carrier + " does not pick up at this site: set up its pickup.";
        }
    }

    /** @param reason what is wrong with the sheet, by row */
    record RateSheetUnusable(String reason) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "rate sheet unusable";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Its rate sheet cannot be used: " + reason + " Read a corrected sheet in with a later first day.";
        }
    }

    record FuelUnknown(String index, LocalDate day) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no fuel figure";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Its rate sheet names the fuel index " + index + ", which has no figure for " + day
                    + ": enter the figure.";
        }
    }

    record NotComputed() implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "price too great";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Its price is too great to be computed: look at its rate sheet and at the weights.";
        }
    }

    record NoRateSheet() implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "no rate sheet";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "There is no rate sheet for this day.";
        }
    }

    record BeyondRateSheet(int packageNumber, Weight billed, Weight step) implements Objection {
        @Override
        public String brief(UnitSystem units) {
            return "too heavy for its rate sheet";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " is billed as " + MeasureText.showSteps(billed, step, units)
                    + ", beyond the rate sheet's last weight.";
        }
    }
}
