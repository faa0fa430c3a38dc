package nobrec.core.shipment;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nobrec.core.item.LotShare;
import nobrec.core.workorder.WorkOrder;

/**
 * What a scan means while a package is filled: a piece, by its item's number or barcode, its lot or its serial; a carton, which begins
 * a package; or nothing of this shipment.
 *
 * @param packageNumber in which the piece goes; zero where none does
 * @param lineId of the piece; zero where it is none
 * @param lot empty text for a piece without
 * @param said what it is, with its reason
 * @param remedy what to do; empty text where nothing has to be done
 */
public record ContentsScan(Verdict verdict, int packageNumber, long lineId, String lot, String said, String remedy) {

    /** How a scan ends. */
    public enum Verdict {
        COUNTED,
        /** It was in no package, and goes into the one in focus. */
        PLACED,
        NEW_PACKAGE,
        /** All of it are in already. */
        ONE_TOO_MANY,
        OTHER_PACKAGE,
        /** Its item is counted by lot or serial. */
        LOT_WANTED,
        NOT_OF_SHIPMENT,
        /** It is no item, lot or carton known here. */
        UNKNOWN;

        public boolean counts() {
            return this == COUNTED || this == PLACED;
        }
    }

    /**
     * What a scanned text may mean beside a lot.
     *
     * @param items numbers of the items that it is the number or barcode of
     * @param known whether the item list has it, though it may not be in the shipment
     */
    public record Meaning(Set<String> items, boolean known, Optional<String> cartonCode) {}

    private record Place(Shipment.Package packed, Shipment.Content content) {}

    /** @param focus number of the package that is filled */
    public static ContentsScan of(
            String text, int focus, Shipment shipment, Jobs jobs, ContentsCount count, Meaning meaning) {
        Optional<ContentsScan> byLot = lot(text, focus, shipment, jobs, count);
        if (byLot.isPresent()) {
            return byLot.get();
        }
        List<WorkOrder.Line> lines = shipment.lines().stream()
                .map(line -> jobs.line(line.workOrderLineId()))
                .filter(line -> meaning.items().contains(key(line.item())))
                .toList();
        if (!lines.isEmpty()) {
            return item(lines, focus, shipment, count);
        }
        if (meaning.known()) {
            return said(
                    Verdict.NOT_OF_SHIPMENT,
                    "“" + text + "” is not in this shipment.",
                    "Put it back; look at the slip.");
        }
        return meaning.cartonCode()
                .map(code -> said(Verdict.NEW_PACKAGE, "A new package: " + code + ".", ""))
                .orElseGet(() -> said(Verdict.UNKNOWN, "“" + text + "” is no item, lot or carton.", "Scan it again."));
    }

    /** Item numbers are compared without regard to case. */
    public static String key(String item) {
        return item.strip().toUpperCase(Locale.ROOT);
    }

    private static ContentsScan said(Verdict verdict, String said, String remedy) {
        return new ContentsScan(verdict, 0, 0, "", said, remedy);
    }

    private static Optional<ContentsScan> lot(
            String text, int focus, Shipment shipment, Jobs jobs, ContentsCount count) {
        Optional<ContentsScan> elsewhere = Optional.empty();
        for (Shipment.Package packed : shipment.packages()) {
            for (Shipment.Content content : packed.contents()) {
                for (LotShare share : content.lots()) {
                    if (key(share.lot()).equals(key(text))) {
                        String item = jobs.line(content.workOrderLineId()).item();
                        ContentsScan found = lotAt(new Place(packed, content), share, item, focus, count);
                        if (packed.number() == focus && found.verdict().counts()) {
                            return Optional.of(found);
                        }
                        elsewhere = elsewhere
                                .filter(each -> each.packageNumber() == focus)
                                .or(() -> Optional.of(found));
                    }
                }
            }
        }
        return elsewhere;
    }

    private static ContentsScan lotAt(Place place, LotShare share, String item, int focus, ContentsCount count) {
        long line = place.content().workOrderLineId();
        int number = place.packed().number();
        int done = count.ofLot(place.packed(), place.content(), share.lot());
        if (done >= share.quantity()) {
            return new ContentsScan(
                    Verdict.ONE_TOO_MANY,
                    number,
                    line,
                    share.lot(),
                    share.quantity() == 1
                            ? share.lot() + " is in package " + number + " already."
                            : "All " + share.quantity() + " of " + share.lot() + " are in package " + number + ".",
                    "Put it back.");
        }
        return number == focus
                ? new ContentsScan(
                        Verdict.COUNTED,
                        number,
                        line,
                        share.lot(),
                        item + " " + share.lot() + ", " + (done + 1) + " of " + share.quantity(),
                        "")
                : new ContentsScan(
                        Verdict.OTHER_PACKAGE,
                        number,
                        line,
                        share.lot(),
                        share.lot() + " belongs in package " + number + ".",
                        "Put it there, or move it on the Bench.");
    }

    private static ContentsScan item(List<WorkOrder.Line> lines, int focus, Shipment shipment, ContentsCount count) {
        Optional<Place> here = open(lines, shipment, count, number -> number == focus);
        if (here.isPresent()) {
            return counted(here.get(), lines, count);
        }
        Optional<WorkOrder.Line> free = lines.stream()
                .filter(line ->
                        shipment.quantityOf(line.id()) > shipment.placed().getOrDefault(line.id(), 0))
                .findFirst();
        if (free.isPresent() && free.get().lots().isEmpty()) {
            return new ContentsScan(
                    Verdict.PLACED,
                    focus,
                    free.get().id(),
                    "",
                    free.get().item() + " goes into package " + focus + ".",
                    "");
        }
        String name = lines.get(0).item();
        Optional<Place> there = open(lines, shipment, count, number -> number != focus);
        if (there.isPresent()) {
            int number = there.get().packed().number();
            return new ContentsScan(
                    Verdict.OTHER_PACKAGE,
                    number,
                    there.get().content().workOrderLineId(),
                    "",
                    name + " belongs in package " + number + ".",
                    "Put it there, or move it on the Bench.");
        }
        int all =
                lines.stream().mapToInt(line -> shipment.quantityOf(line.id())).sum();
        return said(
                Verdict.ONE_TOO_MANY,
                "One too many: " + (all == 1 ? "the one " : "all " + all + " ") + name
                        + (all == 1 ? " is in." : " are in."),
                "Put it back.");
    }

    private static ContentsScan counted(Place place, List<WorkOrder.Line> lines, ContentsCount count) {
        long lineId = place.content().workOrderLineId();
        String item = lines.stream()
                .filter(line -> line.id() == lineId)
                .findFirst()
                .orElseThrow()
                .item();
        int inLots =
                place.content().lots().stream().mapToInt(LotShare::quantity).sum();
        if (inLots == place.content().quantity()) {
            return new ContentsScan(
                    Verdict.LOT_WANTED,
                    place.packed().number(),
                    lineId,
                    "",
                    item + " is counted by its lot or serial.",
                    "Scan that.");
        }
        return new ContentsScan(
                Verdict.COUNTED,
                place.packed().number(),
                lineId,
                "",
                item + ", " + (count.of(place.packed(), place.content()) + 1) + " of "
                        + place.content().quantity(),
                "");
    }

    private static Optional<Place> open(
            List<WorkOrder.Line> lines,
            Shipment shipment,
            ContentsCount count,
            java.util.function.IntPredicate inPackage) {
        return shipment.packages().stream()
                .filter(packed -> inPackage.test(packed.number()))
                .flatMap(packed -> packed.contents().stream().map(content -> new Place(packed, content)))
                .filter(place -> lines.stream()
                        .anyMatch(line -> line.id() == place.content().workOrderLineId()))
                .filter(place -> count.of(place.packed(), place.content())
                        < place.content().quantity())
                .findFirst();
    }
}
