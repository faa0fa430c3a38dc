package nobrec.core.rating;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.measure.Weight;
import nobrec.core.rating.ShipmentToRate.PackageToRate;

/** The charge lines of one offer while they are drawn up: base charges first, then surcharges, then fuel. */
final class Bill {

    private final ShipmentToRate shipment;
    private final Tariff tariff;
    private final List<ChargeLine> lines;
    private final long[] baseOfPackage;
    private final Weight[] billedOfPackage;
    private long base;
    private long fuelled;

    Bill(ShipmentToRate shipment, Tariff tariff, List<ChargeLine> lines) {
        this.shipment = shipment;
        this.tariff = tariff;
        this.lines = lines;
        this.baseOfPackage = new long[shipment.packages().size()];
        this.billedOfPackage = new Weight[baseOfPackage.length];
    }

    List<ChargeLine> lines() {
        return lines;
    }

    /** What is charged for the carriage of a package. */
    void base(int index, Weight billed, long cents, ChargeBasis basis) {
        baseOfPackage[index] += cents;
        billedOfPackage[index] = billed;
        base(shipment.packages().get(index).number(), cents, basis);
    }

    /** What is charged for the carriage of the whole shipment. */
    void base(int packageNumber, long cents, ChargeBasis basis) {
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

    void surcharges() {
        int from = lines.size();
        List<Surcharge> surcharges = tariff.surcharges();
        int packages = baseOfPackage.length;
        for (int which = 0; which < surcharges.size(); which++) {
            Surcharge surcharge = surcharges.get(which);
            for (int index = 0; index < packages; index++) {
                PackageToRate each = shipment.packages().get(index);
                if (!surcharge.condition().holds(each, shipment)) {
                    if (surcharge.condition().isOfShipment()) {
                        break;
                    }
                    continue;
                }
                if (surcharge.scope() == Surcharge.Scope.PACKAGE) {
                    add(
                            each.number(),
                            surcharge,
                            new SurchargeAmount.Figures(
                                    billedOfPackage[index], baseOfPackage[index], each.declaredCents()),
                            from);
                } else {
                    add(ChargeLine.SHIPMENT, surcharge, figuresOfShipment(), from);
                    break;
                }
            }
        }
    }

    private SurchargeAmount.Figures figuresOfShipment() {
        Weight billed = Weight.ZERO;
        long declared = 0;
        for (int index = 0; index < billedOfPackage.length; index++) {
            billed = billed.plus(billedOfPackage[index]);
            declared += shipment.packages().get(index).declaredCents();
        }
        return new SurchargeAmount.Figures(billed, base, declared);
    }

    /** Of a group only the greatest stays. */
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
    void fuel(FuelIndex index, LocalDate day) {
        int thousandths = index.on(day);
        long cents = FuelIndex.share(fuelled, thousandths);
        if (cents != 0) {
            lines.add(new ChargeLine(
                    ChargeLine.SHIPMENT, cents, new ChargeBasis.Fuel(index.code(), thousandths, fuelled)));
        }
    }
}
