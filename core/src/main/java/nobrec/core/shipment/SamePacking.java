package nobrec.core.shipment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.carton.CartonSet;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.Placement;
import nobrec.core.refusal.Refusal;

/**
 * The packages of one shipment for another with the same contents: cartons, what is in each and how it lies, sizes, and the weights
 * of those that were weighed. Lots are the other's own.
 */
public final class SamePacking {

    private final CartonSet cartons;
    private final Jobs jobs;
    private final String named;
    private final Map<Long, Long> lines = new HashMap<>();

    private SamePacking(CartonSet cartons, Jobs jobs, String named) {
        this.cartons = cartons;
        this.jobs = jobs;
        this.named = named;
    }

    /**
     * @param model the shipment that is packed
     * @throws Refusal where the contents differ
     */
    public static Shipment of(Shipment shipment, Jobs jobs, Shipment model, Jobs modelJobs, CartonSet cartons) {
        SamePacking packing = new SamePacking(cartons, jobs, modelJobs.leading().number());
        packing.match(inOrder(shipment, jobs), jobs, inOrder(model, modelJobs), modelJobs);
        Shipment packed = shipment.holding(List.of());
        for (Shipment.Package each : model.packages()) {
            List<Shipment.Package> packages = new ArrayList<>(packed.packages());
            packages.add(packing.like(each, packed));
            packed = packed.holding(packages);
        }
        return packed;
    }

    private static List<Shipment.Line> inOrder(Shipment shipment, Jobs jobs) {
        return shipment.lines().stream()
                .sorted(Comparator.comparing((Shipment.Line line) -> item(line, jobs))
                        .thenComparing(Shipment.Line::quantity)
                        .thenComparing(Shipment.Line::workOrderLineId))
                .toList();
    }

    private static String item(Shipment.Line line, Jobs jobs) {
        return jobs.line(line.workOrderLineId()).item().toUpperCase(Locale.ROOT);
    }

    private void match(List<Shipment.Line> mine, Jobs jobs, List<Shipment.Line> others, Jobs otherJobs) {
        if (!words(mine, jobs).equals(words(others, otherJobs))) {
            throw Refusal.unusable(
                    "Job " + jobs.leading().number(),
                    "It holds " + words(mine, jobs) + "; job " + named + " holds " + words(others, otherJobs) + ".",
                    "Choose jobs with the same contents.");
        }
        for (int index = 0; index < mine.size(); index++) {
            lines.put(others.get(index).workOrderLineId(), mine.get(index).workOrderLineId());
        }
    }

    private static String words(List<Shipment.Line> lines, Jobs jobs) {
        return lines.stream()
                .map(line -> line.quantity() + " × " + item(line, jobs))
                .collect(Collectors.joining(", "));
    }

    private Shipment.Package like(Shipment.Package model, Shipment soFar) {
        List<Shipment.Content> contents = model.contents().stream()
                .map(each -> new Shipment.Content(
                        lines.getOrDefault(each.workOrderLineId(), 0L),
                        each.quantity(),
                        Contents.freeLots(
                                soFar, jobs, lines.getOrDefault(each.workOrderLineId(), 0L), each.quantity())))
                .toList();
        List<Placement> placements = model.placements().stream()
                .map(each -> each.of(lines.getOrDefault(each.itemKey(), each.itemKey())))
                .toList();
        CartonType carton = cartons.byCode(model.cartonCode());
        return new Shipment.Package(
                Shipment.Package.NEW,
                model.number(),
                model.cartonCode(),
                "As job " + named + " is packed.",
                model.size(),
                Contents.expectedWeight(contents, cartons.tare(carton, Shipment.cartonsOn(placements)), jobs),
                model.weight(),
                model.weightSource().map(SamePacking::takenOver),
                Optional.empty(),
                true,
                contents,
                placements);
    }

    /** Nobody put this one on a scale. */
    private static Shipment.WeightSource takenOver(Shipment.WeightSource source) {
        return source == Shipment.WeightSource.SCALE ? Shipment.WeightSource.TYPED : source;
    }
}
