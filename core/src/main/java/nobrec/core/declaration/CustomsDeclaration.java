package nobrec.core.declaration;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.address.Countries;
import nobrec.core.customs.DeclaredTerms;
import nobrec.core.customs.HarmonizedCode;
import nobrec.core.item.LineGoods;
import nobrec.core.measure.Weight;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import org.joda.money.Money;

/**
 * What is declared of a shipment: by package, and of the whole. Both add up to the same gram and cent: the value of one piece is
 * converted and then multiplied, and net weights are rounded together.
 */
public record CustomsDeclaration(DeclaredTerms terms, List<Packed> packages) {

    /**
     * @param hsCode as it is written; empty text while nobody has said it
     * @param origin two letters; empty text while nobody has said it
     */
    public record Line(
            long workOrderLineId,
            String job,
            String item,
            String description,
            String hsCode,
            String origin,
            int quantity,
            Money unitValue,
            long netGrams) {

        public Money value() {
            return unitValue.multipliedBy(quantity);
        }

        private Line plus(Line other) {
            return new Line(
                    workOrderLineId,
                    job,
                    item,
                    description,
                    hsCode,
                    origin,
                    quantity + other.quantity,
                    unitValue,
                    netGrams + other.netGrams);
        }
    }

    /** @param grossGrams as weighed, or as expected where it was not */
    public record Packed(int number, long grossGrams, List<Line> lines) {

        public Money value(DeclaredTerms terms) {
            return sum(terms, lines);
        }

        public long netGrams() {
            return lines.stream().mapToLong(Line::netGrams).sum();
        }
    }

    public static CustomsDeclaration of(Shipment shipment, Jobs jobs, DeclaredTerms terms) {
        List<Weight> weights = shipment.packages().stream()
                .flatMap(packed -> packed.contents().stream())
                .map(content -> net(content, jobs))
                .toList();
        long[] grams = GramShares.of(weights);
        List<Packed> packages = new ArrayList<>();
        int at = 0;
        for (Shipment.Package packed : shipment.packages()) {
            List<Line> lines = new ArrayList<>();
            for (Shipment.Content content : packed.contents()) {
                lines.add(line(content, jobs, terms, grams[at++]));
            }
            packages.add(new Packed(packed.number(), gross(packed), lines));
        }
        return new CustomsDeclaration(terms, packages);
    }

    private static Weight net(Shipment.Content content, Jobs jobs) {
        return jobs.line(content.workOrderLineId())
                .unitWeight()
                .orElse(Weight.ZERO)
                .times(content.quantity());
    }

    private static long gross(Shipment.Package packed) {
        return GramShares.rounded(
                packed.weight().or(packed::expectedWeight).orElse(Weight.ZERO).eighthNanograms());
    }

    private static Line line(Shipment.Content content, Jobs jobs, DeclaredTerms terms, long grams) {
        WorkOrder.Line line = jobs.line(content.workOrderLineId());
        LineGoods goods = line.goods();
        return new Line(
                line.id(),
                jobs.orderOf(line.id()).number(),
                line.item(),
                goods.customsDescription().isEmpty() ? line.description() : goods.customsDescription(),
                HarmonizedCode.read(goods.hsCode())
                        .found()
                        .map(HarmonizedCode::shown)
                        .orElse(""),
                Countries.read(goods.origin()).orElse(""),
                content.quantity(),
                terms.declared(goods.unitValueCents().orElse(0L)),
                grams);
    }

    /** Of the whole shipment: a line that lies in several packages is one. */
    public List<Line> lines() {
        List<Line> all = new ArrayList<>();
        for (Packed packed : packages) {
            for (Line line : packed.lines()) {
                int there = indexOf(all, line.workOrderLineId());
                if (there < 0) {
                    all.add(line);
                } else {
                    all.set(there, all.get(there).plus(line));
                }
            }
        }
        return all;
    }

    private static int indexOf(List<Line> lines, long id) {
        for (int at = 0; at < lines.size(); at++) {
            if (lines.get(at).workOrderLineId() == id) {
                return at;
            }
        }
        return -1;
    }

    public Money value() {
        return sum(terms, lines());
    }

    public long netGrams() {
        return packages.stream().mapToLong(Packed::netGrams).sum();
    }

    public long grossGrams() {
        return packages.stream().mapToLong(Packed::grossGrams).sum();
    }

    private static Money sum(DeclaredTerms terms, List<Line> lines) {
        return lines.stream().map(Line::value).reduce(terms.declared(0), Money::plus);
    }
}
