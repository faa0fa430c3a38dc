package nobrec.core.freight;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.carton.CartonKind;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.rating.ClassShare;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;

/**
 * The commodity lines of a bill of lading: what goes, by kind of package and freight class. The pounds are those that the carrier is to
 * bill: each package's weight rounded up, shared out among its classes as its price was.
 */
public record BillLines(List<Line> lines) {

    private static final int NAMED = 4;

    /**
     * @param packages counted at the class with the most weight in each; none where they are counted at another line
     * @param given whether the records give the class; else it is found by density
     * @param description of what is in it, in the words of the records
     */
    public record Line(
            int packages,
            CartonKind kind,
            long pounds,
            boolean hazardous,
            String description,
            FreightClass freightClass,
            boolean given) {}

    private record Key(CartonKind kind, FreightClass freightClass) {}

    /** What is gathered of a line. */
    private static final class Sum {
        private int packages;
        private long pounds;
        private boolean hazardous;
        private boolean given = true;
        private final Set<String> names = new LinkedHashSet<>();
    }

    /** @param kinds what a carton is, by its code */
    public static BillLines of(Shipment shipment, Jobs jobs, Function<String, CartonKind> kinds) {
        Map<Key, Sum> sums = new LinkedHashMap<>();
        for (Shipment.Package each : shipment.packages()) {
            CartonKind kind = kinds.apply(each.cartonCode());
            List<ClassShare> shares = ClassShare.of(
                    each.weight().or(each::expectedWeight).orElseThrow(),
                    each.size(),
                    jobs.goodsByClass(each.contents()));
            ClassShare most = shares.stream()
                    .max(Comparator.comparingLong(ClassShare::pounds))
                    .orElseThrow();
            for (ClassShare share : shares) {
                Sum sum = sums.computeIfAbsent(new Key(kind, share.freightClass()), key -> new Sum());
                sum.packages += share == most ? 1 : 0;
                sum.pounds += share.pounds();
                sum.given &= share.given();
                of(share, each, jobs, shares.size()).forEach(line -> {
                    sum.hazardous |= isHazardous(line);
                    sum.names.add(line.description().isBlank() ? line.item() : line.description());
                });
            }
        }
        return of(sums);
    }

    /** The lines of several bills as one: what is of a kind and class is one line. */
    public static BillLines together(Collection<BillLines> bills) {
        Map<Key, Sum> sums = new LinkedHashMap<>();
        for (BillLines bill : bills) {
            for (Line line : bill.lines) {
                Sum sum = sums.computeIfAbsent(new Key(line.kind, line.freightClass), key -> new Sum());
                sum.packages += line.packages;
                sum.pounds += line.pounds;
                sum.given &= line.given;
                sum.hazardous |= line.hazardous;
                sum.names.add(line.description);
            }
        }
        return of(sums);
    }

    private static BillLines of(Map<Key, Sum> sums) {
        return new BillLines(sums.entrySet().stream()
                .map(each -> line(each.getKey(), each.getValue()))
                .sorted(Comparator.comparing(Line::kind).thenComparing(Line::freightClass))
                .toList());
    }

    /** The lines of a package that a share is of: those that give its class, or give none where it is found by density. */
    private static List<WorkOrder.Line> of(ClassShare share, Shipment.Package packed, Jobs jobs, int shares) {
        return packed.contents().stream()
                .map(content -> jobs.line(content.workOrderLineId()))
                .filter(line -> shares == 1
                        || line.goods()
                                .freightClass()
                                .equals(share.given() ? Optional.of(share.freightClass()) : Optional.empty()))
                .toList();
    }

    private static boolean isHazardous(WorkOrder.Line line) {
        return line.goods()
                .goodsClass()
                .filter(goods -> goods == GoodsClass.DANGEROUS || goods == GoodsClass.LIMITED_QUANTITY)
                .isPresent();
    }

    private static Line line(Key key, Sum sum) {
        List<String> names = new ArrayList<>(sum.names);
        String description = names.stream().limit(NAMED).collect(Collectors.joining(", "))
                + (names.size() > NAMED ? " and " + (names.size() - NAMED) + " more" : "");
        return new Line(
                sum.packages, key.kind(), sum.pounds, sum.hazardous, description, key.freightClass(), sum.given);
    }

    public int packages() {
        return lines.stream().mapToInt(Line::packages).sum();
    }

    public long pounds() {
        return lines.stream().mapToLong(Line::pounds).sum();
    }
}
