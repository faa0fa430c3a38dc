package nobrec.core.rating;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.ratesheet.Surcharge;
import nobrec.core.ratesheet.SurchargeAmount;
import nobrec.core.ratesheet.Surcharges;
import nobrec.core.service.RatedPackage;
import nobrec.core.service.RatedShipment;

/** The charge lines of one offer after the other while they are drawn up: base charges first, then surcharges, then fuel. */
final class Bill {

    private static final int LINES_EXPECTED = 12;

    private final RatedShipment rated;
    private final RatedPackage[] packages;
    private final List<ChargeLine> lines = new ArrayList<>(LINES_EXPECTED);
    private final long[] baseOfPackage;
    private final Weight[] billedOfPackage;
    private final SurchargeAmount.Figures[] figuresOfPackage;
    private long base;
    private long fuelled;

    Bill(RatedShipment rated) {
        this.rated = rated;
        this.packages = rated.packages();
        this.baseOfPackage = new long[packages.length];
        this.billedOfPackage = new Weight[packages.length];
        this.figuresOfPackage = new SurchargeAmount.Figures[packages.length];
    }

    /** Begins the next offer. */
    void clear() {
        lines.clear();
        Arrays.fill(baseOfPackage, 0);
        Arrays.fill(figuresOfPackage, null);
        base = 0;
        fuelled = 0;
    }

    RatedShipment rated() {
        return rated;
    }

    List<ChargeLine> lines() {
        return List.copyOf(lines);
    }

    long total() {
        long total = 0;
        for (int index = 0; index < lines.size(); index++) {
            total = Math.addExact(total, lines.get(index).cents());
        }
        return total;
    }

    /** What is charged for the carriage of a package. */
    void base(int index, long cents, ChargeBasis basis) {
        baseOfPackage[index] += cents;
        add(packages[index].number(), cents, basis);
    }

    /** What is charged for the carriage of the whole shipment. */
    void base(long cents, ChargeBasis basis) {
        add(ChargeLine.SHIPMENT, cents, basis);
    }

    private void add(int packageNumber, long cents, ChargeBasis basis) {
        base += cents;
        fuelled += cents;
        lines.add(new ChargeLine(packageNumber, cents, basis));
    }

    void billed(int index, Weight billed) {
        billedOfPackage[index] = billed;
    }

    long baseOf(int index) {
        return baseOfPackage[index];
    }

    long base() {
        return base;
    }

    /** @param onSaturday whether it is there on a Saturday: else that is not charged for */
    void add(Surcharges surcharges, boolean onSaturday) {
        int from = lines.size();
        for (int which = 0; which < surcharges.size(); which++) {
            if (surcharges.holds(which, rated) && (onSaturday || !surcharges.isForSaturday(which))) {
                surcharge(surcharges, which, from);
            }
        }
    }

    private void surcharge(Surcharges surcharges, int which, int from) {
        for (int index = 0; index < packages.length; index++) {
            if (surcharges.holds(which, packages[index])) {
                Surcharge surcharge = surcharges.get(which);
                if (surcharge.scope() == Surcharge.Scope.SHIPMENT) {
                    add(ChargeLine.SHIPMENT, surcharge, figuresOfShipment(), from);
                    return;
                }
                add(packages[index].number(), surcharge, figuresOf(index), from);
            }
        }
    }

    private SurchargeAmount.Figures figuresOf(int index) {
        if (figuresOfPackage[index] == null) {
            figuresOfPackage[index] = new SurchargeAmount.Figures(
                    billedOfPackage[index],
                    baseOfPackage[index],
                    packages[index].each().declaredCents());
        }
        return figuresOfPackage[index];
    }

    private SurchargeAmount.Figures figuresOfShipment() {
        Weight billed = Weight.ZERO;
        long declared = 0;
        for (int index = 0; index < packages.length; index++) {
            billed = billed.plus(billedOfPackage[index]);
            declared += packages[index].each().declaredCents();
        }
        return new SurchargeAmount.Figures(billed, base, declared);
    }

    /** Of a group only the largest stays. */
    private void add(int packageNumber, Surcharge surcharge, SurchargeAmount.Figures figures, int from) {
        long cents = surcharge.amount().cents(figures);
        if (cents == 0) {
            return;
        }
        if (!surcharge.group().isEmpty()) {
            for (int index = from; index < lines.size(); index++) {
                ChargeLine line = lines.get(index);
                Surcharge other = ((ChargeBasis.SurchargeBasis) line.basis()).surcharge();
                if (line.packageNumber() == packageNumber && other.group().equals(surcharge.group())) {
                    if (line.cents() >= cents) {
                        return;
                    }
                    lines.remove(index);
                    fuelled -= other.fuelled() ? line.cents() : 0;
                    break;
                }
            }
        }
        lines.add(new ChargeLine(packageNumber, cents, new ChargeBasis.SurchargeBasis(surcharge, figures)));
        fuelled += surcharge.fuelled() ? cents : 0;
    }

    /** Fuel is rounded half up to the cent, once for the shipment. */
    void add(FuelIndex index, LocalDate day) {
        int thousandths = index.on(day);
        long cents = FuelIndex.share(fuelled, thousandths);
        if (cents != 0) {
            lines.add(new ChargeLine(
                    ChargeLine.SHIPMENT, cents, new ChargeBasis.Fuel(index.code(), thousandths, fuelled)));
        }
    }
}
